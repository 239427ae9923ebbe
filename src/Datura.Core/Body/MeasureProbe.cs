namespace Datura.Core.Body;

/// <summary>Just the points one measure needs, so that the fit need not move the whole skin to read it.</summary>
internal sealed class MeasureProbe
{
    private readonly MeasureReading reading;
    private readonly Vec3[] start;
    private readonly Vec3[][] moves;

    public MeasureProbe(Measure measure)
    {
        reading = measure.Reading;
        start = [.. reading.Places().Select(ReferenceSkin.Skin.Position)];
        moves = [.. BodyModes.All.Select(m => start.Select(m.Move).ToArray())];
    }

    public bool IsGirth => reading is GirthReading;

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

        return reading.Value(points);
    }
}
