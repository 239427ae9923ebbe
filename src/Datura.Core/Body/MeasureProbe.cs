namespace Datura.Core.Body;

/// <summary>Just the points one measure needs, so that the fit need not move the whole skin to read it.</summary>
internal sealed class MeasureProbe
{
    private readonly Vec3[] start;
    private readonly Vec3[][] moves;
    private readonly bool closed;

    public MeasureProbe(Measure measure)
    {
        var skin = ReferenceSkin.Skin;
        closed = measure.GirthAtMm is not null;
        start = measure.GirthAtMm is { } height
            ? [.. Enumerable.Range(0, skin.Columns).Select(i => skin.Node((int)Math.Round((height - skin.LowestMm) / skin.StepMm), i))]
            : [skin.Position(Landmarks.At(measure.From!)), skin.Position(Landmarks.At(measure.To!))];
        moves = [.. Measures.All.Select(m => start.Select(m.Move).ToArray())];
    }

    public double Value(double[] amounts)
    {
        var points = (Vec3[])start.Clone();
        for (var k = 0; k < moves.Length; k++)
        {
            for (var n = 0; n < points.Length; n++)
            {
                points[n] += amounts[k] * moves[k][n];
            }
        }

        var sum = closed ? points[^1].DistanceTo(points[0]) : 0;
        for (var n = 1; n < points.Length; n++)
        {
            sum += points[n].DistanceTo(points[n - 1]);
        }

        return sum;
    }
}
