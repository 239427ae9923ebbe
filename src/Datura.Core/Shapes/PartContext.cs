using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>What a kind may look at while it draws one side of a part.</summary>
public sealed class PartContext(FittedBody body, PartKind kind, Part part, Costume costume, Side side)
{
    private readonly SeededRandom handOfThisSide = SeededRandom.For(part.Seed, $"{part.Id}/{side}");

    public FittedBody Body => body;

    public Costume Costume => costume;

    public Side Side => side;

    /// <summary>The painter's own drawing, if the part has one.</summary>
    public Motif? Motif => part.Motif;

    /// <summary>Randomness of the design, the same on both sides.</summary>
    public SeededRandom Design { get; } = SeededRandom.For(part.Seed, part.Kind);

    /// <summary>Value of a parameter, the face's default where the painter set none, kept within its limits.</summary>
    public double Number(string id)
    {
        var spec = kind.Parameters.First(p => p.Id == id);
        var value = part.Numbers.TryGetValue(id, out var set) ? set : spec.Default(body);
        return Math.Clamp(value, spec.Least, spec.Most);
    }

    /// <summary>A length that a hand would not hit twice the same: with full unevenness it is up to 8 % off.</summary>
    public double Uneven(double lengthMm) => lengthMm * (1 + 0.08 * part.Unevenness * handOfThisSide.Either());

    /// <summary>An angle, up to 4° off with full unevenness.</summary>
    public double UnevenAngle(double rad) => rad + 4 * Math.PI / 180 * part.Unevenness * handOfThisSide.Either();

    public string Word(string id)
    {
        var spec = kind.Parameters.First(p => p.Id == id);
        return part.Words.TryGetValue(id, out var word) && spec.Choices.Contains(word) ? word : spec.Choices[(int)spec.Default(body)];
    }

    public IReadOnlyList<string> ZoneSet(string id) =>
        part.Zones.TryGetValue(id, out var zones) ? zones : kind.Parameters.First(p => p.Id == id).Choices;

    /// <summary>Landmark of the wearer's left, or of the mid-line.</summary>
    public ChartPoint At(string landmark) =>
        body.LandmarksOnChart.TryGetValue(landmark + "_left", out var left) ? left : body.Landmark(landmark);
}
