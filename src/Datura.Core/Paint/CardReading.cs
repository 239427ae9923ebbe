using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Paint;

/// <summary>What a draw-down card says of a paint, taken as a reading with its error and not as a truth.</summary>
/// <param name="Optics">The likeliest K and S.</param>
/// <param name="MissOverBlack">ΔE00 between the reading over black and what these K and S give there.</param>
/// <param name="MissOverWhite">The same over white.</param>
/// <param name="SpreadK">How far K may be off, as a share of it: mean over the bands of one standard deviation of ln K.</param>
/// <param name="SpreadS">The same of S.</param>
public sealed record CardReading(PaintOptics Optics, double MissOverBlack, double MissOverWhite, double SpreadK, double SpreadS)
{
    /// <summary>Error of a reading, one standard deviation of each CIELAB coordinate (by judgement: a camera beside white paper).</summary>
    public const double UsualErrorLab = 1;

    /// <summary>A card missed by more than this cannot be what it is said to be, ΔE00.</summary>
    public const double DoubtedDeltaE = 4;

    // ln K and ln S over the bands as sums of cosines: so many waves, each less likely the finer it is. What pigments have, by judgement:
    // absorption runs over several powers of ten and may turn steeply, scattering changes slowly and falls with wavelength.
    private const int WavesK = 12;
    private const int WavesS = 7;
    private const double LevelSpread = 2.5;
    private const double FirstWaveK = 2;
    private const double FirstWaveS = 0.45;
    private const double FinerK = 1.1;
    private const double FinerS = 1.6;

    // A film that is neither glass nor lead: the two-flux laws lose their hold beyond, per film of the card.
    private const double LeastOpticalDepth = 1e-4;
    private const double MostOpticalDepth = 60;

    private const int Rounds = 40;
    private const double Settled = 1e-5;
    private const double Nudge = 1e-4;

    private static readonly Matrix<double> Basis = Cosines();
    private static readonly double[][] Weights = ColourWeights();
    private static readonly Vector<double> Doubt = Vector<double>.Build.Dense([.. PriorOf(WavesK, FirstWaveK, FinerK), .. PriorOf(WavesS, FirstWaveS, FinerS)]);

    /// <summary>Whether the card is so far from any film that it should be taken again.</summary>
    public bool IsDoubted => Math.Max(MissOverBlack, MissOverWhite) > DoubtedDeltaE;

    /// <summary>
    /// The K and S, smooth over the bands, that are likeliest: nearest both readings, each as sure as its error says, and not wilder than
    /// pigments are (maximum a posteriori by Levenberg–Marquardt; a normal prior on the waves of ln K and ln S).
    /// </summary>
    /// <param name="overBlack">CIELAB under D65, gloss looked past.</param>
    /// <param name="overWhite">The same film over white.</param>
    /// <param name="filmUm">µm dry, above 0.</param>
    /// <param name="errorLab">One standard deviation of each coordinate of a reading.</param>
    public static CardReading Of(Lab overBlack, Lab overWhite, double filmUm, double errorLab = UsualErrorLab)
    {
        double[] wanted = [overBlack.L, overBlack.A, overBlack.B, overWhite.L, overWhite.A, overWhite.B];
        var centre = Centre(overBlack, overWhite);
        var waves = centre.Clone();
        var (seen, slope) = Seen(waves, filmUm: 1);
        var (cost, damping) = (Cost(seen, waves), 1e-2);
        for (var round = 0; round < Rounds; round++)
        {
            var off = Vector<double>.Build.Dense(6, k => (wanted[k] - seen[k]) / errorLab);
            var scaled = slope / errorLab;
            var normal = scaled.TransposeThisAndMultiply(scaled) + Matrix<double>.Build.DenseOfDiagonalVector(Doubt.Map(d => 1 / (d * d)));
            var pull = scaled.TransposeThisAndMultiply(off) - (waves - centre).PointwiseDivide(Doubt.PointwiseMultiply(Doubt));
            var better = false;
            for (var tries = 0; tries < 8 && !better; tries++)
            {
                var step = (normal + damping * Matrix<double>.Build.DenseOfDiagonalVector(normal.Diagonal())).Cholesky().Solve(pull);
                var (nextSeen, nextSlope) = Seen(waves + step, 1);
                var next = Cost(nextSeen, waves + step);
                better = next < cost;
                damping = better ? damping / 5 : damping * 4;
                if (better)
                {
                    var gained = cost - next;
                    (waves, seen, slope, cost) = (waves + step, nextSeen, nextSlope, next);
                    if (gained < Settled)
                    {
                        round = Rounds;
                    }
                }
            }

            if (!better)
            {
                break;
            }
        }

        var (k, s) = Bands(waves);
        var sure = (slope.TransposeThisAndMultiply(slope) / (errorLab * errorLab) + Matrix<double>.Build.DenseOfDiagonalVector(Doubt.Map(d => 1 / (d * d)))).Inverse();
        return new(
            new([.. k.Select(v => v / filmUm)], [.. s.Select(v => v / filmUm)]),
            ColourDifference.DeltaE00(overBlack, new(seen[0], seen[1], seen[2])), ColourDifference.DeltaE00(overWhite, new(seen[3], seen[4], seen[5])),
            Spread(sure, 0, WavesK), Spread(sure, WavesK, WavesS));

        double Cost(double[] at, Vector<double> w) =>
            Enumerable.Range(0, 6).Sum(c => Square((wanted[c] - at[c]) / errorLab)) + (w - centre).PointwiseDivide(Doubt).DotProduct((w - centre).PointwiseDivide(Doubt));
    }

    // Where to begin, and what is likeliest before the colours are looked at: grey films as light as the card, K and S the same in all bands.
    private static Vector<double> Centre(Lab overBlack, Lab overWhite)
    {
        double Y(double l) => Math.Clamp(new Lab(Math.Clamp(l, 0.5, 99), 0, 0).ToTristimulus().Y / Lab.D65White.Y, 0.004, 0.95);
        var (dark, light) = (Y(overBlack.L), Math.Max(Y(overWhite.L), Y(overBlack.L)));
        var (k, s) = Film.Solve(
            SurfaceReflection.Inside(dark), SurfaceReflection.Inside(Math.Min(light, PaintOptics.CardWhite)), SurfaceReflection.Inside(PaintOptics.CardBlack),
            SurfaceReflection.Inside(PaintOptics.CardWhite), 1);
        var centre = Vector<double>.Build.Dense(WavesK + WavesS);
        centre[0] = Math.Log(Math.Clamp(k, 0.01, 20)) / Basis[0, 0];
        centre[WavesK] = Math.Log(Math.Clamp(s, 0.02, 20)) / Basis[0, 0];
        return centre;
    }

    // The six coordinates that a film of these waves gives on the card, and how they change with each wave.
    private static (double[] Lab, Matrix<double> Slope) Seen(Vector<double> waves, double filmUm)
    {
        var (k, s) = Bands(waves);
        var lab = new double[6];
        var slope = Matrix<double>.Build.Dense(6, waves.Count);
        for (var card = 0; card < 2; card++)
        {
            var ground = SurfaceReflection.Inside(card == 0 ? PaintOptics.CardBlack : PaintOptics.CardWhite);
            double Look(double absorbs, double scatters) => SurfaceReflection.SeenWithoutGloss(Film.Over(Film.Layer(absorbs, scatters, filmUm), ground));
            var xyz = new double[3];
            var byWave = new double[3, waves.Count];
            for (var b = 0; b < Spectrum.Bands; b++)
            {
                var here = Look(k[b], s[b]);
                var (byK, byS) = ((Look(k[b] * (1 + Nudge), s[b]) - here) / Nudge, (Look(k[b], s[b] * (1 + Nudge)) - here) / Nudge);
                for (var c = 0; c < 3; c++)
                {
                    xyz[c] += Weights[c][b] * here;
                    for (var w = 0; w < WavesK; w++)
                    {
                        byWave[c, w] += Weights[c][b] * byK * Basis[b, w];
                    }

                    for (var w = 0; w < WavesS; w++)
                    {
                        byWave[c, WavesK + w] += Weights[c][b] * byS * Basis[b, w];
                    }
                }
            }

            var colour = Lab.From(new Tristimulus(xyz[0], xyz[1], xyz[2]));
            (lab[3 * card], lab[3 * card + 1], lab[3 * card + 2]) = (colour.L, colour.A, colour.B);
            for (var c = 0; c < 3; c++)
            {
                var moved = (double[])xyz.Clone();
                var small = 1e-5 * Math.Max(xyz[c], 1e-3);
                moved[c] += small;
                var other = Lab.From(new Tristimulus(moved[0], moved[1], moved[2]));
                for (var w = 0; w < waves.Count; w++)
                {
                    slope[3 * card, w] += (other.L - colour.L) / small * byWave[c, w];
                    slope[3 * card + 1, w] += (other.A - colour.A) / small * byWave[c, w];
                    slope[3 * card + 2, w] += (other.B - colour.B) / small * byWave[c, w];
                }
            }
        }

        return (lab, slope);
    }

    // K and S of the whole card film, per band.
    private static (double[] K, double[] S) Bands(Vector<double> waves)
    {
        var (k, s) = (new double[Spectrum.Bands], new double[Spectrum.Bands]);
        for (var b = 0; b < Spectrum.Bands; b++)
        {
            double lnK = 0, lnS = 0;
            for (var w = 0; w < WavesK; w++)
            {
                lnK += waves[w] * Basis[b, w];
            }

            for (var w = 0; w < WavesS; w++)
            {
                lnS += waves[WavesK + w] * Basis[b, w];
            }

            (k[b], s[b]) = (Math.Clamp(Math.Exp(lnK), LeastOpticalDepth, MostOpticalDepth), Math.Clamp(Math.Exp(lnS), LeastOpticalDepth, MostOpticalDepth));
        }

        return (k, s);
    }

    private static double Spread(Matrix<double> sure, int from, int count) => Enumerable.Range(0, Spectrum.Bands).Average(b =>
    {
        var variance = 0.0;
        for (var i = 0; i < count; i++)
        {
            for (var j = 0; j < count; j++)
            {
                variance += Basis[b, i] * Basis[b, j] * sure[from + i, from + j];
            }
        }

        return Math.Sqrt(Math.Max(0, variance));
    });

    private static Matrix<double> Cosines() => Matrix<double>.Build.Dense(
        Spectrum.Bands, Math.Max(WavesK, WavesS), (b, w) => Math.Cos(Math.PI * w * (b + 0.5) / Spectrum.Bands));

    private static IEnumerable<double> PriorOf(int waves, double first, double finer) =>
        Enumerable.Range(0, waves).Select(w => w == 0 ? LevelSpread : first / Math.Pow(w, finer));

    private static double[][] ColourWeights()
    {
        var white = Observer.D65.Select((p, b) => p * Observer.Y[b]).Sum();
        return [.. new[] { Observer.X, Observer.Y, Observer.Z }.Select(o => o.Select((v, b) => v * Observer.D65[b] / white).ToArray())];
    }

    private static double Square(double v) => v * v;
}
