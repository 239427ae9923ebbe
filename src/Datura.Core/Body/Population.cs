using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Body;

/// <summary>
/// How people's measures lie: means of men, women and children by age, standard deviations, and how measures hang together.
/// All from memory and unverified (Data/population.csv names the surveys); a starting point for what was not measured, never a limit.
/// </summary>
public static class Population
{
    /// <summary>From this age on a person counts as grown, years.</summary>
    public const double AdultYears = 18;

    /// <summary>Ages of children in the table, years.</summary>
    public static IReadOnlyList<double> ChildYears { get; } = [3, 5, 6, 8, 9, 10, 12];

    private const int Causes = 5;

    // Head girth is nearly given by length and width of the head: how much it follows each, and what is left, mm (an oval of adult
    // proportions; the rest from memory).
    private const double GirthByLength = 1.45;
    private const double GirthByWidth = 1.35;
    private const double GirthRestMm = 4;

    private sealed record Row(double Man, double ManSd, double Woman, double WomanSd, double[] Children, double[] Loadings);

    private static readonly IReadOnlyDictionary<string, Row> Table = CsvData.Rows("population.csv").ToDictionary(r => r[0], r =>
    {
        var v = r.Skip(1).Select(CsvData.Number).ToArray();
        return new Row(v[0], v[1], v[2], v[3], v[4..(4 + ChildYears.Count)], v[(4 + ChildYears.Count)..]);
    });

    /// <summary>The measures, in the order of the table.</summary>
    public static IReadOnlyList<string> Ids { get; } = [.. CsvData.Rows("population.csv").Select(r => r[0])];

    /// <summary>Mean of grown men or women, mm.</summary>
    public static double AdultMm(string id, bool man) => man ? Table[id].Man : Table[id].Woman;

    /// <summary>Standard deviation within grown men or women, mm.</summary>
    public static double AdultSdMm(string id, bool man) => man ? Table[id].ManSd : Table[id].WomanSd;

    /// <summary>Mean at an age, both sexes together, mm; between the ages of the table in proportion.</summary>
    /// <param name="years">3 to 18; beyond that as at the nearest.</param>
    public static double MeanMm(string id, double years)
    {
        var row = Table[id];
        var (ages, values) = (ChildYears.Append(AdultYears).ToArray(), row.Children.Append((row.Man + row.Woman) / 2).ToArray());
        var k = Math.Clamp(Array.FindLastIndex(ages, a => a <= years), 0, ages.Length - 2);
        return values[k] + Math.Clamp((years - ages[k]) / (ages[k + 1] - ages[k]), 0, 1) * (values[k + 1] - values[k]);
    }

    /// <summary>Means of every measure at an age, in the order of <see cref="Ids"/>.</summary>
    public static Vector<double> Means(double years) => Vector<double>.Build.Dense([.. Ids.Select(id => MeanMm(id, years))]);

    /// <summary>
    /// Covariance of the measures at an age, mm². Among adults men and women differ, which counts as one more common cause, growing
    /// from nothing at 8 years; children's spreads are the same share of their means as adults' are.
    /// </summary>
    public static Matrix<double> Covariance(double years)
    {
        var n = Ids.Count;
        var grown = Math.Clamp((years - 8) / (AdultYears - 8), 0, 1);
        var (sd, sex) = (new double[n], new double[n]);
        for (var k = 0; k < n; k++)
        {
            var row = Table[Ids[k]];
            var adult = (row.Man + row.Woman) / 2;
            sd[k] = (row.ManSd + row.WomanSd) / 2 * (adult > 0 ? MeanMm(Ids[k], years) / adult : 1);
            sex[k] = grown * (row.Man - row.Woman) / 2;
        }

        var within = Matrix<double>.Build.Dense(n, n, (a, b) => sd[a] * sd[b] * (a == b ? 1 : Shared(Table[Ids[a]].Loadings, Table[Ids[b]].Loadings)));
        FollowGirth(within);
        return within + Matrix<double>.Build.Dense(n, n, (a, b) => sex[a] * sex[b]);
    }

    // Of five causes, what two measures share.
    private static double Shared(double[] a, double[] b) => Enumerable.Range(0, Causes).Sum(c => a[c] * b[c]);

    private static void FollowGirth(Matrix<double> within)
    {
        var (girth, length, width) = (Index("headGirth"), Index("headLength"), Index("headWidth"));
        var follows = GirthByLength * within.Row(length) + GirthByWidth * within.Row(width);
        follows[girth] = GirthByLength * follows[length] + GirthByWidth * follows[width] + GirthRestMm * GirthRestMm;
        within.SetRow(girth, follows);
        within.SetColumn(girth, follows);
    }

    public static int Index(string id) => IndexOf[id];

    private static readonly IReadOnlyDictionary<string, int> IndexOf = Ids.Select((id, k) => (id, k)).ToDictionary(m => m.id, m => m.k);
}
