using Datura.Files.Book;

namespace Datura.Files.Tests;

/// <summary>The book as a table: out and in again, with columns in any order; what cannot be read is said by its line.</summary>
public class BookTableTests
{
    private static readonly BookLine[] Lines =
    [
        new(new(2026, 10, 3), "Quay seal", 9.5, 10, "Wenna") { Notes = "left \"ear\"\nitched, twice", Wearer = "Tamsin" },
        new(new(2026, 10, 4), "=2+2", 12.25, null, "") { LaidAgain = 2, LeftOut = "Flicks; Dots" },
    ];

    [Fact]
    public void WhatGoesOutComesInAgain()
    {
        var read = BookTable.Read(BookTable.Write(Lines));
        Assert.Equal(Lines.Select(l => (l.On, l.Look, l.Minutes, l.PlannedMinutes, l.Painter)), read.Select(l => (l.On, l.Look, l.Minutes, l.PlannedMinutes, l.Painter)));
        Assert.Equal(Lines[0].Notes.Replace("\n", "\r\n", StringComparison.Ordinal), read[0].Notes.ReplaceLineEndings("\r\n"));
        // A name that begins like a formula is none to a spreadsheet.
        Assert.Contains("'=2+2", BookTable.Write(Lines), StringComparison.Ordinal);
        Assert.Empty(BookTable.Read(BookTable.Write([])));
    }

    [Fact]
    public void ColumnsMayStandInAnyOrderAndOthersMayBeThere() =>
        Assert.Equal(
            [(new DateOnly(2026, 10, 3), "Quay seal", (double?)9.5)],
            BookTable.Read("weather,Minutes,LOOK,day\r\nrain,9.5,Quay seal,2026-10-03\r\n").Select(l => (l.On, l.Look, l.Minutes)));

    [Theory]
    [InlineData("", "day, look, minutes")]
    [InlineData("date,what\r\n2026-10-03,Quay seal\r\n", "day, look, minutes")]
    [InlineData("day,look,minutes\r\n3.10.2026,Quay seal,9\r\n", "Line 2")]
    [InlineData("day,look,minutes\r\n2026-10-03,Quay seal,9\r\n2026-10-03,,9\r\n", "Line 3")]
    [InlineData("day,look,minutes\r\n2026-10-03,Quay seal,soon\r\n", "Line 2")]
    [InlineData("day,look,minutes\r\n2026-10-03,Quay seal,-4\r\n", "Line 2")]
    [InlineData("day,look,minutes\r\n2026-10-03,Quay seal,\r\n", "Line 2")]
    public void WhatCannotBeReadIsSaid(string text, string says) =>
        Assert.Contains(says, Assert.Throws<InputException>(() => BookTable.Read(text)).Message, StringComparison.Ordinal);

    // Anything at all: lines, or a sentence.
    [Fact]
    public void AnyTextIsReadOrRefusedInWords()
    {
        var random = new Random(19);
        const string letters = "day,lookminutes\r\n\"'=;2026-103 \t";
        for (var n = 0; n < 600; n++)
        {
            var text = (n % 2 == 0 ? "day,look,minutes\r\n" : "") + new string([.. Enumerable.Range(0, random.Next(60)).Select(_ => letters[random.Next(letters.Length)])]);
            try
            {
                Assert.All(BookTable.Read(text), l => Assert.True(l.Look.Length > 0 && l.Minutes > 0));
            }
            catch (InputException refused)
            {
                Assert.EndsWith(".", refused.Message, StringComparison.Ordinal);
            }
        }
    }
}
