using Datura.Core.Hands;
using Datura.Core.Order;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Order;

/// <summary>Made-up coats whose times are known, to order by hand.</summary>
internal static class OrderJobs
{
    public const string Paint = "rust";

    /// <summary>A coat with one dot at a place; coats at the same place overlap.</summary>
    /// <param name="workSeconds">Brush on skin.</param>
    public static CoatJob Of(string name, Stage stage, double workSeconds, double drySeconds, int place, double lightness = 50, string tool = Tool.Round3, int parts = 1,
        Priority priority = Priority.Nice, Zone zone = Zone.Forehead) => new(
        name, place, name, new("x", "X", stage, tool, 1, lightness), 0, Usual(tool), new([new(Paint, parts)]), CoatLay.Usual, 1, [],
        Footprint.Of([new DotMark("x", Side.Middle, new(25 * place, 20), 10)]), [zone], 0, workSeconds * UsualTools.Find(tool).LineMmPerSecond, lightness, drySeconds)
        {
            Priority = priority,
            // Loads hold for ever and no mark is sought, so that only the line's length counts.
            Pace = Pace.Usual with { Own = new Dictionary<string, double> { [Rates.Reloading] = 0 } },
        };

    /// <summary>A tool as it is usually used.</summary>
    public static Hand Usual(string tool) => HandChoice.Of(new("x", "X", Stage.Line, tool, 1, 50), CoatLay.Usual, new([new(Paint, 1)]), DemoWorld.Kit);

    public static IReadOnlyList<CoatJob> Random(int seed, int count)
    {
        var random = new Random(seed);
        return [.. Enumerable.Range(0, count).Select(k => Of(
            $"c{k}", (Stage)random.Next(1, 6), random.Next(10, 90), random.Next(0, 120), random.Next(0, 3), random.Next(10, 90),
            new[] { Tool.Round3, Tool.Sponge, Tool.Filbert }[random.Next(3)], random.Next(1, 4), (Priority)random.Next(3),
                new[] { Zone.Forehead, Zone.Temple, Zone.UnderJaw, Zone.Lips }[random.Next(4)]))];
    }
}
