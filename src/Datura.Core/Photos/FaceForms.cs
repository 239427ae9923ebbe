using Datura.Core.Body;
using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Photos;

/// <summary>
/// What bodies of an age may look like, as far as points of photos are concerned: each place is its mean plus a linear sum of unit
/// normal amounts. The first are the modes of the body fit as people vary (<see cref="BodyPrior"/>); the others are free bumps, for what
/// no measure tells.
/// </summary>
internal sealed class FaceForms
{
    // Where the free bumps stand (azimuth in degrees, v in mm), how wide they are and how far people differ by them (by judgement).
    private static readonly (double Deg, double V)[] Bumps =
        [(0, 72), (-30, 62), (30, 62), (0, 30), (-24, 28), (24, 28), (0, -8), (-34, -8), (34, -8), (0, -43), (-20, -46), (20, -46), (-52, -40), (52, -40), (0, -84), (-74, 4), (74, 4)];

    private const double BumpWidthMm = 22;
    private const double BumpSpreadMm = 0.9;

    /// <summary>How far a single place lies off what its surroundings say, as a standard deviation, mm (by judgement).</summary>
    public const double OwnSpreadMm = 0.6;

    private static readonly Vec3[] BumpAt = [.. Bumps.Select(b => ReferenceSkin.Skin.Position(new(b.Deg * Math.PI / 180, b.V)))];

    private readonly Func<SkinPoint, Vec3, Vec3[], Vec3> mean;
    private readonly Matrix<double>? shares;

    private FaceForms(Func<SkinPoint, Vec3, Vec3[], Vec3> mean, Matrix<double>? shares) => (this.mean, this.shares) = (mean, shares);

    /// <summary>Bodies of an age.</summary>
    public static FaceForms At(double years)
    {
        var prior = BodyPrior.At(years);
        var parts = prior.Covariance.Evd(Symmetricity.Symmetric);
        var most = parts.EigenValues.Max(v => v.Real);
        var kept = Enumerable.Range(0, prior.Mean.Count).Where(k => parts.EigenValues[k].Real > 1e-9 * most).ToArray();
        var shares = Matrix<double>.Build.Dense(prior.Mean.Count, kept.Length, (r, c) => parts.EigenVectors[r, kept[c]] * Math.Sqrt(parts.EigenValues[kept[c]].Real));
        var child = ChildForm.Share(years);
        return new(
            (at, reference, modes) =>
            {
                var start = child > 0 ? reference + child * ChildForm.HeightMm(at) * ReferenceSkin.Skin.Normal(at) : reference;
                for (var k = 0; k < modes.Length; k++)
                {
                    start += prior.Mean[k] * modes[k];
                }

                return start;
            },
            shares);
    }

    /// <summary>A body that is known, but for what no measure tells.</summary>
    public static FaceForms Of(FittedBody body) => new((at, _, _) => body.Skin.Position(at), null);

    private int ModeCount => shares?.ColumnCount ?? 0;

    /// <summary>Unit normal amounts.</summary>
    public int Count => ModeCount + 3 * Bumps.Length;

    /// <summary>A place of the mean body, and how it moves with each amount, mm.</summary>
    public FormPlace Place(SkinPoint at)
    {
        var reference = ReferenceSkin.Skin.Position(at);
        Vec3[] modes = shares is null ? [] : [.. BodyModes.All.Select(m => m.Move(reference))];
        var moves = new Vec3[Count];
        for (var c = 0; c < ModeCount; c++)
        {
            Vec3 sum = default;
            for (var k = 0; k < modes.Length; k++)
            {
                sum += shares![k, c] * modes[k];
            }

            moves[c] = sum;
        }

        for (var b = 0; b < BumpAt.Length; b++)
        {
            var away = reference.DistanceTo(BumpAt[b]) / BumpWidthMm;
            var share = BumpSpreadMm * Math.Exp(-away * away / 2);
            var from = ModeCount + 3 * b;
            (moves[from], moves[from + 1], moves[from + 2]) = (new(share, 0, 0), new(0, share, 0), new(0, 0, share));
        }

        return new(mean(at, reference, modes), moves);
    }
}
