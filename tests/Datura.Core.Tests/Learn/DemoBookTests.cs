using System.Text.Json;
using Datura.Core.After;
using Datura.Core.Learn;
using Datura.Documents;

namespace Datura.Core.Tests.Learn;

/// <summary>
/// The demo's book: thirty evenings before the lantern walk, painted by a simulated painter. What is learned from them is held against the times she
/// was given. DATURA_WRITE=1 paints them anew.
/// </summary>
public class DemoBookTests
{
    private const int Evenings = 30;

    private static readonly string Demo = Path.Combine(Repository.Root, "demo");

    // She is quick with sponges and slow with lines, and gets a tenth quicker with every doubling.
    private static readonly SimulatedPainter Wenna = new("Wenna", new Dictionary<string, double>
    {
        ["sponge dab"] = 0.8,
        ["halfRoundSponge dab"] = 0.85,
        ["softBrush buff"] = 0.9,
        ["round1 stroke"] = 1.45,
        ["round1 flick"] = 1.3,
        ["round3 stroke"] = 1.4,
        ["round5 stroke"] = 1.25,
    }, SetUp: 0.9, Practice: 0.06);

    private static readonly (string Look, string Name)[] Looks = [("quay-seal", "Quay seal"), ("barnacle-saint", "Barnacle saint"), ("storm-cormorant", "Storm cormorant")];

    // Two of five evenings the seal, two the saint, one the cormorant.
    private static int LookOf(int evening) => (evening % 5) switch { 0 or 2 => 0, 1 or 3 => 1, _ => 2 };

    private static string Id(int evening) => $"walk-{evening + 1:00}";

    private static DateOnly On(int evening) => new DateOnly(2026, 8, 28).AddDays(evening / 2 * 7 / 2 + evening % 2);

    private static (Painting Painting, IReadOnlyList<ChairEvent> Events) Painted(int evening)
    {
        var (look, name) = Looks[LookOf(evening)];
        var face = DemoWorld.Faces[evening % DemoWorld.Faces.Count];
        var planned = DemoWorld.Plan(look, evening % DemoWorld.Faces.Count);
        var painting = PaintingCheck.Of(planned, look, face.Id, DemoWorld.Kit, On(evening), []) with { Name = $"{name}, {On(evening):yyyy-MM-dd}", Setting = "night-parade", LookRevision = 1, Painter = Wenna.Name, Confidence = 0.8 };
        // What was to come before what matters no more.
        painting = painting with { Steps = [.. painting.Steps.Select(s => s with { After = [] })], SlotMinutes = 45 };
        var nth = Enumerable.Range(0, evening + 1).Count(k => LookOf(k) == LookOf(evening));
        var at = new DateTimeOffset(On(evening).ToDateTime(new(17, 5)), TimeSpan.Zero);
        return (painting, Wenna.Paints(painting.Steps, Id(evening), at, nth, new(1000 + evening)));
    }

    [Fact]
    public void TheBookOfTheDemoTeachesHerTimes()
    {
        if (Environment.GetEnvironmentVariable("DATURA_WRITE") == "1")
        {
            Directory.CreateDirectory(Path.Combine(Demo, "chair-events"));
            for (var evening = 0; evening < Evenings; evening++)
            {
                var (painting, events) = Painted(evening);
                File.WriteAllText(Path.Combine(Demo, "paintings", $"{Id(evening)}.json"), JsonSerializer.Serialize(JsonSerializer.Deserialize<JsonElement>(DocumentTypes.Painting.WriteFile(painting)), DaturaJson.Compact) + "\n");
                File.WriteAllText(Path.Combine(Demo, "chair-events", $"{Id(evening)}.json"), JsonSerializer.Serialize(events, DaturaJson.Compact) + "\n");
            }
        }

        var sessions = Enumerable.Range(0, Evenings).Select(e => (Id: Id(e), Painting: DocumentTypes.Painting.ReadFile(File.ReadAllText(Path.Combine(Demo, "paintings", $"{Id(e)}.json"))),
            Events: JsonSerializer.Deserialize<IReadOnlyList<ChairEvent>>(File.ReadAllText(Path.Combine(Demo, "chair-events", $"{Id(e)}.json")), DaturaJson.Compact)!)).ToArray();
        var book = BookOf.Of(Wenna.Name, sessions, new(2027, 1, 1, 0, 0, 0, TimeSpan.Zero));
        Assert.Equal(Evenings, book.Sessions);
        // She was quicker every time, so that the truth of thirty evenings is that of their middle.
        var middle = Math.Pow(6, -Wenna.Practice);
        var held = book.Pace.Hands.Values.Where(h => h.Count >= 10).Select(h => (h, Truth: h.Hand == LearnedPace.SetUp ? Wenna.SetUp : h.Hand == LearnedPace.Waiting ? 1 / middle : Wenna.Of(h.Hand))).ToArray();
        Assert.True(held.Length > 6, string.Join("; ", book.Pace.Hands.Values.Select(h => $"{h.Hand} {h.Factor:0.00} ×{h.Count}")));
        Assert.All(held, h => Assert.Equal(middle * h.Truth, h.h.Factor, 0.25 * h.Truth));
        Assert.True(held.Count(h => h.h.Low <= middle * h.Truth && middle * h.Truth <= h.h.High) >= 0.8 * held.Length,
            string.Join("; ", held.Select(h => $"{h.h.Hand} {h.h.Low:0.00}-{h.h.Factor:0.00}-{h.h.High:0.00} truth {middle * h.Truth:0.00} ×{h.h.Count}")));
        Assert.True(book.Pace.For("round3 stroke").Factor > 1.15 * book.Pace.For("sponge dab").Factor, string.Join("; ", book.Pace.Hands.Values.Select(h => $"{h.Hand} {h.Factor:0.00} ×{h.Count}")));
        Assert.Equal([12, 12, 6], book.Looks.Select(l => l.Points.Count));
        Assert.NotEmpty(book.Reliability);
    }
}
