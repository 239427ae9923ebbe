using Datura.Core.Body;
using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Photos;

/// <summary>Reads measures off a solution, each with how far it may be off.</summary>
internal sealed class PhotoMeasureReader
{
    private const double NudgeMm = 1e-3;

    // A face finder shifts whole neighbourhoods, which no number of points makes good, mm (by judgement): much where nobody has looked.
    private const double CheckedSpreadMm = 0.2;
    private const double UncheckedSpreadMm = 1.5;

    private readonly FaceSolve solve;
    private readonly Matrix<double> covariance;
    private readonly Vector<double> means;
    private readonly Matrix<double> spreads;
    private readonly Dictionary<SkinPoint, string> names = PhotoPlaces.All.GroupBy(p => p.At).ToDictionary(g => g.Key, g => g.First().Name);

    public PhotoMeasureReader(FaceSolve solve, double years)
    {
        this.solve = solve;
        covariance = solve.Covariance();
        means = Population.Means(years);
        spreads = Population.Covariance(years);
    }

    /// <summary>A measure, taken if its ends are seen; what goes round the head no photo tells, and it stays as usual.</summary>
    public PhotoMeasure Read(Measure measure)
    {
        var index = Population.Index(measure.Id);
        var usual = Math.Sqrt(spreads[index, index]);
        if (measure.Instrument == Instrument.Tape)
        {
            return new(measure.Id, means[index], usual, usual, false);
        }

        var places = measure.Reading.Places().Select(p => names[p]).ToArray();
        var forms = places.Select(solve.Form).ToArray();
        var owns = places.Select(p => solve.BlockOf(p) is { } block ? (block, block.Own()) : default((PlaceBlock Block, (Vec3 OffMm, double[][] ByUnknowns, Matrix<double> OpenMm2) Own)?)).ToArray();
        var at = forms.Select((f, k) => f.At(solve.Amounts) + (owns[k]?.Own.OffMm ?? default)).ToArray();
        var value = measure.Reading.Value(at);
        var slope = Vector<double>.Build.Dense(covariance.RowCount);
        var open = places.Sum(p => solve.Surest(p) is { } sure && sure < 1 ? UncheckedSpreadMm * UncheckedSpreadMm : CheckedSpreadMm * CheckedSpreadMm);
        for (var k = 0; k < at.Length; k++)
        {
            var by = Slope(measure, at, k, value);
            for (var a = 0; a < forms[k].Moves.Length; a++)
            {
                slope[a] += by.Dot(forms[k].Moves[a]);
            }

            if (owns[k] is not { } own)
            {
                open += FaceForms.OwnSpreadMm * FaceForms.OwnSpreadMm * by.Dot(by);
                continue;
            }

            for (var n = 0; n < own.Block.Unknowns.Length; n++)
            {
                slope[own.Block.Unknowns[n]] += by.X * own.Own.ByUnknowns[0][n] + by.Y * own.Own.ByUnknowns[1][n] + by.Z * own.Own.ByUnknowns[2][n];
            }

            var g = Vector<double>.Build.DenseOfArray([by.X, by.Y, by.Z]);
            open += g * own.Own.OpenMm2 * g;
        }

        // What no photo shows the ends of only follows from the rest, however well.
        return new(measure.Id, value, Math.Sqrt(Math.Max(0, slope * covariance * slope) + open), usual, places.All(p => solve.Surest(p) is not null));
    }

    private static Vec3 Slope(Measure measure, Vec3[] at, int place, double value)
    {
        double By(Vec3 step)
        {
            var moved = (Vec3[])at.Clone();
            moved[place] += step;
            return (measure.Reading.Value(moved) - value) / NudgeMm;
        }

        return new(By(new(NudgeMm, 0, 0)), By(new(0, NudgeMm, 0)), By(new(0, 0, NudgeMm)));
    }
}
