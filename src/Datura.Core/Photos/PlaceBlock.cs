using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Photos;

/// <summary>
/// What all photos together say of one place. That the place lies off by itself is summed out: the misses of several photos hang together
/// through it (C = spread² I + s² A Aᵀ).
/// </summary>
internal sealed class PlaceBlock
{
    private readonly FormPlace form;
    private readonly int formCount;
    private readonly IReadOnlyList<PlaceRow> rows;
    private readonly Matrix<double> sure;
    private readonly Matrix<double> byPlace;
    private readonly Vector<double> miss;

    private PlaceBlock(FormPlace form, int formCount, IReadOnlyList<PlaceRow> rows, Matrix<double> sure, Matrix<double> byPlace, Vector<double> miss)
    {
        (this.form, this.formCount, this.rows, this.sure, this.byPlace, this.miss) = (form, formCount, rows, sure, byPlace, miss);
        Unknowns = [.. Enumerable.Range(0, formCount), .. rows.SelectMany(r => Enumerable.Range(formCount + CameraUnknown.Count * r.Photo, CameraUnknown.Count))];
    }

    /// <summary>The unknowns that it touches.</summary>
    public int[] Unknowns { get; }

    public IReadOnlyList<PlaceRow> Rows => rows;

    public static PlaceBlock Of(FormPlace form, int formCount, IReadOnlyList<PlaceRow> rows, double freedom)
    {
        const double own = FaceForms.OwnSpreadMm * FaceForms.OwnSpreadMm;
        var n = 2 * rows.Count;
        var byPlace = Matrix<double>.Build.Dense(n, 3);
        var miss = Vector<double>.Build.Dense(n);
        var spread = Matrix<double>.Build.Dense(n, n);
        for (var k = 0; k < rows.Count; k++)
        {
            var (row, a, b) = (rows[k], 2 * k, 2 * k + 1);
            byPlace.SetRow(a, [row.XByPlace.X, row.XByPlace.Y, row.XByPlace.Z]);
            byPlace.SetRow(b, [row.YByPlace.X, row.YByPlace.Y, row.YByPlace.Z]);
            (miss[a], miss[b]) = (row.MissX, row.MissY);
            var square = row.SpreadPx * row.SpreadPx;
            var scale = row.XByPlace.Dot(row.XByPlace) * own;
            var off = (row.MissX * row.MissX + row.MissY * row.MissY) / (square + scale);
            spread[a, a] = spread[b, b] = square * (freedom + off) / (freedom + 2);
        }

        spread += own * byPlace * byPlace.Transpose();
        return new(form, formCount, rows, spread.Cholesky().Solve(Matrix<double>.Build.DenseIdentity(n)), byPlace, miss);
    }

    // How the drawn places change with the unknowns, a row for each coordinate in each photo.
    private double[][] Slopes()
    {
        var slopes = new double[2 * rows.Count][];
        for (var k = 0; k < rows.Count; k++)
        {
            var row = rows[k];
            for (var c = 0; c < 2; c++)
            {
                var line = slopes[2 * k + c] = new double[Unknowns.Length];
                var by = c == 0 ? row.XByPlace : row.YByPlace;
                for (var a = 0; a < formCount; a++)
                {
                    line[a] = form.Moves[a].Dot(by);
                }

                Array.Copy(row.ByCamera, c * CameraUnknown.Count, line, formCount + k * CameraUnknown.Count, CameraUnknown.Count);
            }
        }

        return slopes;
    }

    /// <summary>Adds it, in rows that do not hang together any more.</summary>
    public void AddTo(NormalEquations sums)
    {
        var slopes = Slopes();
        var root = sure.Cholesky().Factor;
        for (var r = 0; r < slopes.Length; r++)
        {
            var (line, left) = (new double[Unknowns.Length], 0.0);
            for (var s = r; s < slopes.Length; s++)
            {
                var by = root[s, r];
                left += by * miss[s];
                var other = slopes[s];
                for (var k = 0; k < line.Length; k++)
                {
                    line[k] += by * other[k];
                }
            }

            sums.Add(Unknowns, line, left, 1);
        }
    }

    /// <summary>
    /// How far the place lies off by itself, mm; how that changes with the unknowns it touches (three rows); and what is left open of it, mm².
    /// </summary>
    public (Vec3 OffMm, double[][] ByUnknowns, Matrix<double> OpenMm2) Own()
    {
        const double own = FaceForms.OwnSpreadMm * FaceForms.OwnSpreadMm;
        var gain = own * byPlace.Transpose() * sure;
        var off = gain * miss;
        var slopes = Slopes();
        var by = new double[3][];
        for (var c = 0; c < 3; c++)
        {
            by[c] = new double[Unknowns.Length];
            for (var r = 0; r < slopes.Length; r++)
            {
                for (var k = 0; k < Unknowns.Length; k++)
                {
                    by[c][k] -= gain[c, r] * slopes[r][k];
                }
            }
        }

        return (new(off[0], off[1], off[2]), by, own * Matrix<double>.Build.DenseIdentity(3) - own * gain * byPlace);
    }
}
