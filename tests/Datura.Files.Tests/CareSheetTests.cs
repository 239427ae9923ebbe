using System.Text.RegularExpressions;
using Datura.Core.After;
using Datura.Core.Supply;
using Datura.Files.Calendars;
using Datura.Files.Sheets;
using UglyToad.PdfPig;

namespace Datura.Files.Tests;

/// <summary>What is handed out and taken along: the removal card, the wearer's card, the packing list and its calendar.</summary>
public partial class CareSheetTests
{
    private static string Squeezed(string text) => string.Concat(text.Where(c => !char.IsWhiteSpace(c)));

    private static (string Text, int Pictures, double WidthPt, double HeightPt) Read(byte[] pdf)
    {
        using var read = PdfDocument.Open(pdf);
        var pages = read.GetPages().ToArray();
        return (Squeezed(string.Concat(pages.Select(p => p.Text))), pages.Sum(p => p.GetImages().Count()), pages[0].Width, pages[0].Height);
    }

    // ISO 216: A6 is 105 mm by 148 mm.
    [Theory]
    [InlineData("drowned-lamp-keeper")]
    [InlineData("kelp-bride")]
    public void TheRemovalCardGoesIntoAPocketAndSaysAll(string look)
    {
        var planned = DemoWorld.Plan(look);
        var card = RemovalCard.Of(planned, DemoWorld.Kit, []);
        var (text, pictures, width, height) = Read(RemovalSheet.Pdf(planned, card));
        Assert.Equal(105 / 25.4 * 72, width, 0.5);
        Assert.Equal(148 / 25.4 * 72, height, 0.5);
        Assert.Equal(3, pictures);
        Assert.All(card.Steps, s => Assert.Contains(Squeezed(s.Title), text, StringComparison.Ordinal));
        Assert.All(card.Steps.Select(s => s.How).Concat(card.Rules), words => Assert.Contains(Squeezed(words), text, StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("A4")]
    [InlineData("Letter")]
    public void TheWearersCardHasRoomForASignature(string paper)
    {
        var size = PaperSize.Find(paper)!;
        WearerCard card = new(Consent.Guardian, PhotoUse.OwnBook, AgeGroup.Child, 12, new(2026, 12, 28)) { Allergies = ["nuts", "perfume"], Wants = "a seal", DoesNotWant = "nothing near the eyes" };
        var filled = Read(WearerCardSheet.Pdf("Tamsin Roke", card, size));
        foreach (var words in new[] { "Tamsin Roke", "nuts, perfume", "a seal", "nothing near the eyes", "2026-12-28", "Signed by" })
        {
            Assert.Contains(Squeezed(words), filled.Text, StringComparison.Ordinal);
        }

        var blank = Read(WearerCardSheet.Pdf(null, WearerCard.Blank(new(2026, 11, 28)), size));
        Assert.Contains("30days", blank.Text, StringComparison.Ordinal);
        Assert.DoesNotContain("Tamsin", blank.Text, StringComparison.Ordinal);
        Assert.Equal(size.Width, blank.WidthPt, 0.5);
    }

    [Fact]
    public void ThePackingListNamesWhatDoesWhereAThingIsMissing()
    {
        var supply = FaceSupply.Of(DemoWorld.Plan("drowned-lamp-keeper"), DemoWorld.Kit);
        Case packed = new("Stall", "saltmarsh-box", "night-parade", [new("drowned-lamp-keeper", null, 6)]);
        var found = PackedCase.Of(packed, [(6, supply)], DemoWorld.Kit);
        var small = SmallThing.For(6, [.. found.Paints.Select(p => p.Material)]);
        var text = Read(PackingSheet.Pdf(packed, "Saltmarsh paint box", found, small, PaperSize.A4)).Text;
        Assert.All(found.Tools.Select(t => t.Instead).OfType<string>(), instead => Assert.Contains(Squeezed(instead), text, StringComparison.Ordinal));
        Assert.All(found.Hygiene.Between, t => Assert.Contains(Squeezed(t.Words), text, StringComparison.Ordinal));
        var table = PackingTable.Csv(found, small);
        Assert.All(table.TrimEnd().Split("\r\n"), line => Assert.Equal(9, Commas().Count(line)));
    }

    // RFC 5545: lines end in CR LF and are folded at 75 octets, text escapes its commas, a day has no time (3.1, 3.3.11, 3.3.4).
    [Fact]
    public void TheCalendarIsOneThatPhonesRead()
    {
        CalendarEntry[] entries =
        [
            new(new(2026, 12, 10), "Patch test for Saltmarsh stall", "Inside of the arm, every paint; look after 24 and 48 hours: Chalk white, Coral, Tarn black, Kelp green, Verdigris and more of them"),
            new(new(2027, 2, 28), "Chalk white may run out", ""),
        ];
        var text = CaseCalendarFile.Of("saltmarsh-stall", entries, new(2026, 11, 28, 8, 0, 0, DateTimeKind.Utc));
        var lines = text.TrimEnd().Split("\r\n");
        Assert.Equal(("BEGIN:VCALENDAR", "END:VCALENDAR"), (lines[0], lines[^1]));
        Assert.All(lines, l => Assert.True(System.Text.Encoding.UTF8.GetByteCount(l) <= 75, l));
        Assert.Equal(2, lines.Count(l => l == "BEGIN:VEVENT"));
        Assert.Contains("VERSION:2.0", lines);
        Assert.Contains("DTSTART;VALUE=DATE:20261210", lines);
        Assert.Contains("DTSTART;VALUE=DATE:20270228", lines);
        Assert.Equal(2, lines.Count(l => l.StartsWith("UID:saltmarsh-stall-", StringComparison.Ordinal)));
        var whole = text.Replace("\r\n ", "", StringComparison.Ordinal);
        Assert.Contains("Inside of the arm\\, every paint\\; look after", whole, StringComparison.Ordinal);
        // The same days again are the same entries.
        Assert.Equal(text, CaseCalendarFile.Of("saltmarsh-stall", entries, new(2026, 11, 28, 8, 0, 0, DateTimeKind.Utc)));
    }

    [GeneratedRegex(",(?=(?:[^\"]*\"[^\"]*\")*[^\"]*$)")]
    private static partial Regex Commas();
}
