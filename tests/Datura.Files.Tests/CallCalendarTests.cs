using Datura.Files.Calendars;
using Datura.Files.Sheets;
using UglyToad.PdfPig;

namespace Datura.Files.Tests;

/// <summary>Calls out as a calendar and on paper, availability in.</summary>
public class CallCalendarTests
{
    private static readonly Production Run = new(
        "The bell under water", "kit", "setting", [new("Odalys", "keeper") { PatchOn = new(2026, 12, 1) }, new("Bartram", "diver") { PatchOn = new(2026, 12, 1) }],
        [new("Wenna"), new("Corin")],
        [new(new(2026, 12, 10)) { Calls = [new("Odalys", "Wenna", 1000, 1040, 1055), new("Bartram", "Corin", 1010, 1060, 1085)] }, new(new(2026, 12, 11))]);

    private static string Ics(int revision, string? of = null, Production? run = null) => CallCalendarFile.Of("run", revision, run ?? Run, of, id => $"the {id}", new(2026, 12, 1, 8, 0, 0, DateTimeKind.Utc));

    // RFC 5545, 3.1: lines end with CR LF and are no longer than 75 octets; 3.8.4.7 and 3.8.7.4: every entry has an id, and a sequence that grows.
    [Fact]
    public void EveryCallIsAnEntryWithAnIdOfItsOwnThatStays()
    {
        var (first, later) = (Ics(3), Ics(4, run: Run with { Performances = [Run.Performances[0] with { Calls = [new("Odalys", "Corin", 1005, 1045, 1060)] }] }));
        Assert.All(first.Split("\r\n"), l => Assert.True(System.Text.Encoding.UTF8.GetByteCount(l) <= 75));
        Assert.DoesNotContain("\n", first.Replace("\r\n", "", StringComparison.Ordinal), StringComparison.Ordinal);
        string[] Lines(string text, string name) => [.. text.Split("\r\n").Where(l => l.StartsWith(name, StringComparison.Ordinal))];
        Assert.Equal(2, Lines(first, "UID:").Distinct().Count());
        Assert.Equal(Lines(first, "UID:")[0], Lines(later, "UID:")[0]);
        Assert.All(Lines(first, "SEQUENCE:"), l => Assert.Equal("SEQUENCE:3", l));
        Assert.All(Lines(later, "SEQUENCE:"), l => Assert.Equal("SEQUENCE:4", l));
        Assert.Contains("DTSTART:20261210T164000", first, StringComparison.Ordinal);
        Assert.Contains("DTEND:20261210T172000", first, StringComparison.Ordinal);
    }

    [Fact]
    public void APersonSeesTheirOwnAlone()
    {
        Assert.Contains("paint Odalys", Ics(1, "Wenna"), StringComparison.Ordinal);
        Assert.DoesNotContain("Bartram", Ics(1, "Wenna"), StringComparison.Ordinal);
        Assert.Contains("in the chair of Corin", Ics(1, "Bartram"), StringComparison.Ordinal);
        Assert.DoesNotContain("BEGIN:VEVENT", Ics(1, "Nobody"), StringComparison.Ordinal);
    }

    // It is a whole day that takes no time, so that nobody is busy by it.
    [Fact]
    public void AMissingPatchTestStandsOnItsLastDay()
    {
        var run = Run with { Wearers = [Run.Wearers[0], Run.Wearers[1] with { PatchOn = null }] };
        var ics = Ics(1, run: run);
        Assert.Contains("patch test of Bartram", ics, StringComparison.Ordinal);
        Assert.DoesNotContain("patch test of Odalys", ics, StringComparison.Ordinal);
        Assert.Contains("DTSTART;VALUE=DATE:20261208", ics, StringComparison.Ordinal);
        Assert.Contains("patch test", Ics(1, "Bartram", run), StringComparison.Ordinal);
        Assert.Empty(AvailabilityFile.Read(ics, [new(2026, 12, 8)]));
    }

    // What goes out can be brought in again: whoever paints then is elsewhere then.
    [Fact]
    public void CallsComeBackAsTimesThatAreTaken() =>
        Assert.Equal([new(new(2026, 12, 10), 1000, 1040), new(new(2026, 12, 10), 1010, 1060)], AvailabilityFile.Read(Ics(1), [new(2026, 12, 10), new(2026, 12, 11)]));

    // Written by hand after RFC 5545, 3.6.1 and 3.8.5.3: a weekly class, a whole day, one that is free, one that is cancelled, one over midnight.
    [Fact]
    public void AvailabilityIsReadAsTheStandardHasIt()
    {
        const string ics = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//y//EN\r\n"
            + "BEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20261101T000000Z\r\nDTSTART:20261203T170000\r\nDTEND:20261203T183000\r\nRRULE:FREQ=WEEKLY;COUNT=4\r\nEND:VEVENT\r\n"
            + "BEGIN:VEVENT\r\nUID:2\r\nDTSTAMP:20261101T000000Z\r\nDTSTART;VALUE=DATE:20261211\r\nDTEND;VALUE=DATE:20261212\r\nEND:VEVENT\r\n"
            + "BEGIN:VEVENT\r\nUID:3\r\nDTSTAMP:20261101T000000Z\r\nDTSTART:20261210T120000\r\nDTEND:20261210T130000\r\nTRANSP:TRANSPARENT\r\nEND:VEVENT\r\n"
            + "BEGIN:VEVENT\r\nUID:4\r\nDTSTAMP:20261101T000000Z\r\nDTSTART:20261210T130000\r\nDTEND:20261210T140000\r\nSTATUS:CANCELLED\r\nEND:VEVENT\r\n"
            + "BEGIN:VEVENT\r\nUID:5\r\nDTSTAMP:20261101T000000Z\r\nDTSTART:20261212T223000\r\nDTEND:20261213T013000\r\nEND:VEVENT\r\n"
            + "END:VCALENDAR\r\n";
        Assert.Equal(
            [new(new(2026, 12, 10), 1020, 1110), new(new(2026, 12, 11), 0, 1440), new(new(2026, 12, 12), 1350, 1440), new(new(2026, 12, 13), 0, 90)],
            AvailabilityFile.Read(ics, [new(2026, 12, 10), new(2026, 12, 11), new(2026, 12, 12), new(2026, 12, 13)]));
    }

    [Theory]
    [InlineData("")]
    [InlineData("{\"a\": 1}")]
    [InlineData("BEGIN:VCARD\r\nEND:VCARD")]
    [InlineData("BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:nonsense\r\nEND:VEVENT\r\nEND:VCALENDAR")]
    public void AnotherKindOfFileIsRefusedInASentence(string text)
    {
        var refusal = Record.Exception(() => AvailabilityFile.Read(text, [new(2026, 12, 10)]));
        Assert.True(refusal is null || refusal is InputException && refusal.Message.EndsWith('.'), $"{refusal}");
        if (text.Length < 20)
        {
            Assert.IsType<InputException>(refusal);
        }
    }

    [Fact]
    public void ASheetOnPaperSaysWhoSitsDownWhen()
    {
        using var all = PdfDocument.Open(CallSheetPdf.Pdf(Run, Run.Performances[0], null, id => $"the {id}", PaperSize.Find("A4")!));
        var text = string.Join(" ", all.GetPages().SelectMany(p => p.GetWords()).Select(w => w.Text));
        Assert.Contains("16:40", text, StringComparison.Ordinal);
        Assert.Contains("Odalys", text, StringComparison.Ordinal);
        Assert.Contains("Bartram", text, StringComparison.Ordinal);
        using var own = PdfDocument.Open(CallSheetPdf.Pdf(Run, Run.Performances[0], "Wenna", id => $"the {id}", PaperSize.Find("A4")!));
        Assert.DoesNotContain("Bartram", string.Join(" ", own.GetPages().SelectMany(p => p.GetWords()).Select(w => w.Text)), StringComparison.Ordinal);
        using var none = PdfDocument.Open(CallSheetPdf.Pdf(Run, Run.Performances[1], null, id => id, PaperSize.Find("A4")!));
        Assert.Contains("No calls", string.Join(" ", none.GetPages().SelectMany(p => p.GetWords()).Select(w => w.Text)), StringComparison.Ordinal);
    }
}
