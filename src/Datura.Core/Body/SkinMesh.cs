namespace Datura.Core.Body;

/// <summary>Triangles of the skin for drawing, with smooth normals and the chart place of every corner.</summary>
public sealed record SkinMesh(Vec3[] Positions, Vec3[] Normals, ChartPoint[] Chart, int[] Triangles)
{
    // The free edge of the ear falls away so steeply that every column is needed to draw it whole.
    private const double EarFrom = 100.0 / 180;
    private const double EarTo = 117.0 / 180;

    /// <summary>Finer in front, where the paint is, and on the ears; coarser round the back.</summary>
    public static SkinMesh Of(SkinGrid skin, SkinChart chart)
    {
        var half = skin.Columns / 2;
        var columns = Enumerable.Range(0, skin.Columns + 1)
            .Where(i => ((double)Math.Abs(i - half) / half) switch
            {
                < 0.25 or (> EarFrom and < EarTo) => true,
                < EarTo => i % 2 == 0,
                _ => i % 4 == 0,
            }).ToArray();
        var rows = Enumerable.Range(0, skin.Rows)
            .Where(j => j == skin.Rows - 1 || skin.Height(j) is > -115 and < 95 || j % 2 == 0).ToArray();
        var count = rows.Length * columns.Length;
        var positions = new Vec3[count];
        var normals = new Vec3[count];
        var places = new ChartPoint[count];
        var triangles = new int[(rows.Length - 1) * (columns.Length - 1) * 6];
        Parallel.For(0, rows.Length, j =>
        {
            for (var i = 0; i < columns.Length; i++)
            {
                var n = j * columns.Length + i;
                positions[n] = skin.Node(rows[j], columns[i]);
                normals[n] = skin.NodeNormal(rows[j], columns[i]);
                places[n] = chart.ToChart(new(skin.Azimuth(columns[i]), skin.Height(rows[j])));
            }
        });
        var k = 0;
        for (var j = 0; j + 1 < rows.Length; j++)
        {
            for (var i = 0; i + 1 < columns.Length; i++)
            {
                int a = j * columns.Length + i, b = a + 1, c = a + columns.Length, d = c + 1;
                foreach (var corner in (ReadOnlySpan<int>)[a, b, d, a, d, c])
                {
                    triangles[k++] = corner;
                }
            }
        }

        return new(positions, normals, places, triangles);
    }
}
