using static Datura.Numerics.SmoothStep;

namespace Datura.Core.Body;

/// <summary>
/// The skin of the reference body on a regular grid of material coordinates, built once: rings for neck, shoulders and
/// crown, a monotone skirt under the jaw, a thin plate through the face, then the soft forms. See docs/body.md.
/// </summary>
public static class ReferenceSkin
{
    public const int Columns = 480;
    public const double LowestMm = -320;
    public const double RowStepMm = 1;
    public const int Rows = 491;

    // Length on the unrolled plane of the thin plate per radian of azimuth; the face's mean radius.
    private const double PlaneRadiusMm = 90;

    // Round the back nothing is finer than 3°; computing every fourth column there halves the start-up time (measured).
    private const int FineColumns = 116;
    private const int CoarseStep = 4;
    private const double Deg = Math.PI / 180;
    private const double HeadBlendLowMm = -121;
    private const double HeadBlendHighMm = -109;

    // The edge of the jaw in the face points: azimuth (degrees) → v and r (mm).
    private static readonly double[] JawAzimuth = [0, 8.6, 15.9, 23.7, 32.3, 44.3, 56.9, 67.7, 72.8, 74.9];
    private static readonly MonotoneCurve JawHeight = new(JawAzimuth, [-94, -93, -89.7, -85.3, -79.9, -71.8, -62.2, -47.9, -28.9, -6]);
    private static readonly MonotoneCurve JawRadius = new(JawAzimuth, [87.6, 86.9, 84.3, 79.8, 76.1, 72.8, 70.9, 72.6, 76.1, 78.5]);

    private static readonly Lazy<(SkinGrid Skin, SkinGrid Faired)> Built = new(Build);

    /// <summary>Height of the jaw's lower edge at an azimuth (degrees, one side), mm.</summary>
    internal static double JawEdgeMm(double azimuthDeg) => JawHeight.At(azimuthDeg);

    /// <summary>The skin itself.</summary>
    public static SkinGrid Skin => Built.Value.Skin;

    /// <summary>The skin with nose, lips and orbits smoothed away over about 15 mm; tapes and charts lie on it.</summary>
    public static SkinGrid Faired => Built.Value.Faired;

    private static (SkinGrid, SkinGrid) Build()
    {
        var rings = LoadRings();
        var head = new ThinPlate([.. HeadPoints(rings)]);
        var radius = new double[Rows, Columns];
        var half = Columns / 2;
        Parallel.For(0, Rows, row =>
        {
            var v = LowestMm + row * RowStepMm;
            var nearHead = Rise(HeadBlendLowMm, HeadBlendHighMm, v);
            var line = new double[half + 1];
            for (var k = 0; k <= half; k += k < FineColumns ? 1 : CoarseStep)
            {
                var azimuth = Math.PI * k / half;
                var low = nearHead < 1 ? rings.At(azimuth / Deg, v) : 0;
                line[k] = nearHead > 0 ? low * (1 - nearHead) + head.At(azimuth * PlaneRadiusMm, v) * nearHead : low;
            }

            for (var k = 0; k <= half; k++)
            {
                var before = k < FineColumns ? k : k - (k - FineColumns) % CoarseStep;
                var t = (double)(k - before) / CoarseStep;
                var r = t > 0 ? line[before] * (1 - t) + line[before + CoarseStep] * t : line[k];
                radius[row, (half + k) % Columns] = radius[row, half - k] = r;
            }
        });
        radius = Calmed(radius);
        CloseCrown(radius);
        var skin = SkinGrid.FromCapsule(radius, LowestMm, RowStepMm).Eased(JoinShare, halfRows: 18).Eased(ShoulderShare, halfRows: 14).Raised(SkinFeatures.HeightMm).Shifted(EarForm.BackMm);
        var faired = SkinGrid.FromCapsule(FairedRadius(radius), LowestMm, RowStepMm);
        return (skin, faired);
    }

    private static IEnumerable<(double X, double Y, double Value, double Stiffness)> HeadPoints(RingTable rings)
    {
        const double soft = 0.02;
        foreach (var row in CsvData.Rows("face-points.csv"))
        {
            var azimuth = CsvData.Number(row[0]);
            if (azimuth >= 0)
            {
                var v = ClosedLips.Close(azimuth, CsvData.Number(row[1]));
                yield return (azimuth * Deg * PlaneRadiusMm, v, CsvData.Number(row[2]), soft);
            }
        }

        foreach (var (azimuth, v, r) in ClosedLips.Seam())
        {
            yield return (azimuth * Deg * PlaneRadiusMm, v, r, soft);
        }

        // Under the jaw: one monotone column per azimuth, sampled densely, so that the plate has nothing to ripple between.
        for (var azimuth = 0.0; azimuth <= 82.5; azimuth += 7.5)
        {
            var column = rings.Column(azimuth, below: JawHeight.At(azimuth) - 5);
            var curve = new MonotoneCurve(
                [.. column.Select(c => c.V), JawHeight.At(azimuth)], [.. column.Select(c => c.R), JawRadius.At(azimuth)]);
            for (var v = -140.0; v < JawHeight.At(azimuth) - 4; v += 4)
            {
                yield return (azimuth * Deg * PlaneRadiusMm, v, curve.At(v), 0.3);
            }
        }

        foreach (var (v, azimuth, r) in rings.HeadBack())
        {
            yield return (azimuth * Deg * PlaneRadiusMm, v, r, 0.3);
        }
    }

    // Cylinder and dome of the capsule meet at eye level with the same radius but not the same slope; behind the face that shows.
    private static double JoinShare(SkinPoint at) =>
        (1 - Rise(18, 48, Math.Abs(at.HeightMm - CapsuleCoordinates.EyeLevelMm))) * Rise(70 * Deg, 88 * Deg, Math.Abs(at.AzimuthRad));

    // Where neck and shoulder go over into the arm the rings turn a corner that no shoulder has.
    private static double ShoulderShare(SkinPoint at) =>
        Rise(50 * Deg, 72 * Deg, Math.Abs(at.AzimuthRad)) * (1 - Rise(125 * Deg, 150 * Deg, Math.Abs(at.AzimuthRad))) * Rise(-262, -238, at.HeightMm) * (1 - Rise(-186, -168, at.HeightMm));

    private static RingTable LoadRings() => new(CsvData.Rows("rings.csv")
        .Select(row => (CsvData.Number(row[0]), CsvData.Number(row[1]), CsvData.Number(row[2]))));

    // The points along the jaw and on the lips stand 5 mm apart; a short average along the row takes out what is left of them.
    // On the mouth line one up and down as well, or thin lips crease.
    private static double[,] Calmed(double[,] radius)
    {
        var jaw = GridBlur.Columns(GridBlur.Columns(radius, 7), 7);
        var lips = GridBlur.Rows(GridBlur.Columns(GridBlur.Columns(radius, 2), 2), 1);
        for (var row = 0; row < Rows; row++)
        {
            var v = LowestMm + row * RowStepMm;
            for (var i = 0; i < Columns; i++)
            {
                var azimuth = Math.Abs(-180 + 360.0 * i / Columns);
                var below = JawHeight.At(azimuth);
                var underJaw = Rise(-132, -122, v) * (1 - Rise(below - 6, below + 2, v)) * (1 - Rise(95, 110, azimuth));
                var mouth = Rise(-50, -47, v) * (1 - Rise(-40, -37, v)) * (1 - Rise(13, 16, azimuth));
                radius[row, i] += underJaw * (jaw[row, i] - radius[row, i]) + mouth * (lips[row, i] - radius[row, i]);
            }
        }

        return radius;
    }

    // At the pole every azimuth is the same point, so the last rows share one radius.
    private static void CloseCrown(double[,] radius)
    {
        for (var row = 0; row < Rows; row++)
        {
            var share = Rise(140, CapsuleCoordinates.CrownMm - 2, LowestMm + row * RowStepMm);
            if (share <= 0)
            {
                continue;
            }

            var mean = Enumerable.Range(0, Columns).Average(i => radius[row, i]);
            for (var i = 0; i < Columns; i++)
            {
                radius[row, i] += share * (mean - radius[row, i]);
            }
        }
    }

    // Three box passes each way come close to a Gaussian; the head only, the rest is smooth already.
    private static double[,] FairedRadius(double[,] radius)
    {
        var result = (double[,])radius.Clone();
        const int halfRows = 9;
        const int halfColumns = 7;
        for (var pass = 0; pass < 3; pass++)
        {
            result = GridBlur.Rows(GridBlur.Columns(result, halfColumns), halfRows);
        }

        for (var row = 0; row < Rows; row++)
        {
            var v = LowestMm + row * RowStepMm;
            var share = Rise(-100, -70, v) * (1 - Rise(110, 140, v));
            for (var i = 0; i < Columns; i++)
            {
                result[row, i] = radius[row, i] + share * (result[row, i] - radius[row, i]);
            }
        }

        return result;
    }
}
