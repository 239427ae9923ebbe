namespace Datura.Core.Body;

/// <summary>With what a measure is taken.</summary>
public enum Instrument
{
    Caliper,
    Tape,
}

/// <summary>One length of a face, its definition, and how it moves the reference body.</summary>
/// <param name="Id">Name in files.</param>
/// <param name="Label">The painter's word.</param>
/// <param name="StandardTerm">Name in anthropometry.</param>
/// <param name="From">First landmark of a caliper measure; null for a girth.</param>
/// <param name="To">Second landmark.</param>
/// <param name="GirthAtMm">Height v of a girth taken round the neck.</param>
/// <param name="LeastMm">Below this it is refused as no measure of a person (plausibility, from memory).</param>
/// <param name="MostMm">Above this it is refused.</param>
/// <param name="Move">Displacement (mm) of a reference point when the measure grows by about 1 mm.</param>
public sealed record Measure(
    string Id, string Label, string StandardTerm, string HowTaken, Instrument Instrument,
    string? From, string? To, double? GirthAtMm, double LeastMm, double MostMm, Func<Vec3, Vec3> Move)
{
    /// <summary>Value on a skin, mm.</summary>
    public double On(SkinGrid skin)
    {
        if (GirthAtMm is { } height)
        {
            var row = (int)Math.Round((height - skin.LowestMm) / skin.StepMm);
            return Enumerable.Range(0, skin.Columns).Sum(i => skin.Node(row, i).DistanceTo(skin.Node(row, i + 1)));
        }

        return skin.Position(Landmarks.At(From!)).DistanceTo(skin.Position(Landmarks.At(To!)));
    }
}
