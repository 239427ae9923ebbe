using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>What a kind may look at while it draws one side of a part.</summary>
public sealed class PartContext(FittedBody body, Part part, Costume costume, Side side, HostFigure? host = null)
{
    private readonly SeededRandom handOfThisSide = SeededRandom.For(part.Seed, $"{part.Id}/{side}");

    public FittedBody Body => body;

    public Costume Costume => costume;

    public Side Side => side;

    /// <summary>The painter's own drawing, if the part has one.</summary>
    public Motif? Motif => part.Motif;

    /// <summary>The painter's own points, if the part has some.</summary>
    public OwnDrawing? Drawn => part.Drawn;

    /// <summary>The figure it hangs on, if it does.</summary>
    public HostFigure? Host => host;

    /// <summary>Randomness of the design, the same on both sides.</summary>
    public SeededRandom Design { get; } = SeededRandom.For(part.Seed, part.Kind);

    /// <summary>Value of a parameter, the face's default where the painter set none, kept within its limits.</summary>
    public double Number(NumberSpec spec) => Math.Clamp(part.Numbers.TryGetValue(spec.Id, out var set) ? set : spec.Default(body), spec.Least, spec.Most);

    public int Count(CountSpec spec) => (int)Math.Round(Number(spec));

    /// <summary>A length that a hand would not hit twice the same: with full unevenness it is up to 8 % off.</summary>
    public double Uneven(double lengthMm) => lengthMm * (1 + 0.08 * part.Unevenness * handOfThisSide.Either());

    /// <summary>An angle, up to 4° off with full unevenness.</summary>
    public double UnevenAngle(double rad) => rad + 4 * Math.PI / 180 * part.Unevenness * handOfThisSide.Either();

    public string Word(ChoiceSpec spec) =>
        part.Words.TryGetValue(spec.Id, out var word) && spec.Choices.Contains(word) ? word : spec.Choices[(int)spec.Default(body)];

    /// <summary>A choice whose words are names of zones.</summary>
    public Zone Zone(ChoiceSpec spec) => Core.Body.Zones.Find(Word(spec))!.Value;

    public IReadOnlyList<Zone> Zones(ZonesSpec spec) =>
        part.Zones.TryGetValue(spec.Id, out var zones) ? [.. zones.Select(Core.Body.Zones.Find).OfType<Zone>()] : spec.Standard;

    /// <summary>Landmark of the wearer's left, or of the mid-line.</summary>
    public ChartPoint At(Landmark landmark) => body.At(landmark);
}
