using Datura.Core.Paint;

namespace Datura.Core.Tests.Paint;

/// <summary>What is read off a draw-down card: always an answer, near the readings, and good for the skin, which is what counts.</summary>
public class CardTests
{
    private const int Films = 2500;

    private static readonly double[][] Skins = [.. new[] { new Lab(68, 9, 15), new Lab(40, 12, 16) }.Select(s => SkinTone.Reflectance(s).Select(SurfaceReflection.Inside).ToArray())];

    // Films of one to three pigments, each an absorption edge or band over a scattering base that falls with wavelength (common practice of
    // pigment physics; Kubelka 1948 for what they look like), read to whole numbers as a camera gives them.
    [Fact]
    public void FilmsReadToWholeNumbersPredictTheSkin()
    {
        var off = Read(colour => new(Math.Round(colour.L), Math.Round(colour.A), Math.Round(colour.B)), out var doubted);
        // No worse than the film over that very skin, looked at and written down in whole numbers: no reading can say more than its digits.
        Assert.InRange(off[Films], 0, RoundedOnly()[Films]);
        Assert.InRange(off[2 * 95 * Films / 100], 0, 1.5);
        Assert.Equal(0, doubted);
    }

    [Fact]
    public void FilmsReadExactlyPredictTheSkin()
    {
        var off = Read(colour => colour, out var doubted);
        Assert.InRange(off[Films], 0, 0.3);
        Assert.InRange(off[2 * 95 * Films / 100], 0, 1.5);
        Assert.Equal(0, doubted);
    }

    // A prediction is no worse than the reading that it rests on: two readings with an error of one unit each miss the film by 1.1 to 1.2.
    [Fact]
    public void AnErrorOfOneUnitIsNotMadeLarger()
    {
        var random = new Random(1);
        double Error() => Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
        var errors = new List<double>();
        var off = Read(
            colour =>
            {
                Lab noisy = new(Math.Max(0, colour.L + Error()), colour.A + Error(), colour.B + Error());
                errors.Add(ColourDifference.DeltaE00(colour, noisy));
                return noisy;
            },
            out var doubted);
        Assert.InRange(off[Films], 0, errors.Order().ElementAt(errors.Count / 2));
        Assert.InRange(off[2 * 95 * Films / 100], 0, 1.1 * errors.Order().ElementAt(95 * errors.Count / 100));
        Assert.InRange(doubted, 0, Films / 1000);
    }

    [Fact]
    public void AReadingSaysHowSureItIs()
    {
        var (black, white) = (new Lab(52, 30, 20), new Lab(54, 31, 21));
        CardReading At(double error) => CardReading.Of(black, white, 20, error);
        Assert.True(At(0.3).SpreadK < At(1).SpreadK && At(1).SpreadK < At(3).SpreadK);
        // What hides nearly everything says little of how much it scatters; a film through which both cards show says more.
        Assert.True(CardReading.Of(new(25, 10, 5), new(70, 25, 15), 20).SpreadS < CardReading.Of(new(52, 30, 20), new(52.2, 30, 20), 20).SpreadS);
    }

    // Twice the film with half of each power gives the same card.
    [Fact]
    public void ThicknessAndPowerTradeEvenly()
    {
        var (thin, thick) = (CardReading.Of(new(40, 20, 10), new(60, 25, 15), 15), CardReading.Of(new(40, 20, 10), new(60, 25, 15), 30));
        Assert.All(thin.Optics.K.Zip(thick.Optics.K), k => Assert.Equal(1, k.First / k.Second / 2, 1e-6));
    }

    [Theory]
    [InlineData(60, 99.5, 0)]
    [InlineData(60, 40, 0)]
    [InlineData(0, 100, 120)]
    public void ACardThatNoFilmGivesIsAnsweredAndDoubted(double blackL, double whiteL, double b)
    {
        var card = PaintOptics.CardOf(Paint(new(blackL, 0, -b), new(whiteL, 0, b), 20));
        Assert.True(card.IsDoubted);
        Assert.All(card.Optics.K.Concat(card.Optics.S), v => Assert.True(double.IsFinite(v) && v > 0));
    }

    [Fact]
    public void EveryPaintOfTheDemoComesBack() => Assert.All(DemoWorld.AllKits.SelectMany(k => k.Paints), paint =>
    {
        var card = PaintOptics.CardOf(paint);
        Assert.InRange(Math.Max(card.MissOverBlack, card.MissOverWhite), 0, 1.5);
    });

    [Theory]
    [InlineData(0)]
    [InlineData(-3)]
    [InlineData(1_000_000)]
    [InlineData(double.NaN)]
    public void AFilmOfNothingOrAMetreIsRefused(double um) =>
        Assert.Contains("µm", Assert.Throws<InputException>(() => PaintOptics.Of(Paint(new(40, 10, 10), new(45, 11, 11), um))).Message, StringComparison.Ordinal);

    [Theory]
    [InlineData(double.NaN, 0)]
    [InlineData(-4, 0)]
    [InlineData(50, 900)]
    public void NonsenseColoursAreRefused(double l, double a) =>
        Assert.Contains("Check the three numbers", Assert.Throws<InputException>(() => PaintOptics.Of(Paint(new(l, a, 10), new(45, 11, 11), 20))).Message, StringComparison.Ordinal);

    // ΔE00 between the true and the read film over a light and a dark skin, in rising order.
    internal static double[] Read(Func<Lab, Lab> reading, out int doubted)
    {
        var (off, odd) = (new double[2 * Films], 0);
        for (var k = 0; k < Films; k++)
        {
            var random = new Random(k);
            var (paint, um) = (Pigments(random), 10 + 40 * random.NextDouble());
            var card = CardReading.Of(reading(Seen(paint, um, Board(PaintOptics.CardBlack))), reading(Seen(paint, um, Board(PaintOptics.CardWhite))), um);
            (off[2 * k], off[2 * k + 1]) = (Off(Skins[0]), Off(Skins[1]));
            double Off(double[] skin) => ColourDifference.DeltaE00(Seen(paint, um, skin), Seen(card.Optics, um, skin));
            odd += card.IsDoubted ? 1 : 0;
        }

        doubted = odd;
        return [.. off.Order()];
    }

    /// <summary>What rounding alone does: ΔE00 between the same films' colours over the same skins and those colours in whole numbers, in rising order.</summary>
    internal static double[] RoundedOnly() => [.. Enumerable.Range(0, Films).SelectMany(k =>
    {
        var random = new Random(k);
        var (paint, um) = (Pigments(random), 10 + 40 * random.NextDouble());
        return Skins.Select(skin => Seen(paint, um, skin)).Select(c => ColourDifference.DeltaE00(c, new(Math.Round(c.L), Math.Round(c.A), Math.Round(c.B))));
    }).Order()];

    private static PaintOptics Pigments(Random random)
    {
        double Between(double low, double high) => low + (high - low) * random.NextDouble();
        var scatters = Math.Exp(Between(Math.Log(0.004), Math.Log(0.12)));
        var (falls, grey) = (Between(0, 1.5), scatters * Math.Exp(Between(-6, 0.5)));
        var pigments = Enumerable.Range(0, random.Next(1, 4))
            .Select(_ => (IsEdge: random.Next(2) == 0, At: Between(400, 680), Width: Between(12, 50), Height: scatters * Math.Exp(Between(-2.5, 2.2)), Way: 2 * random.Next(2) - 1)).ToArray();
        return new(
            Spectrum.Of(nm => grey + pigments.Sum(p => p.IsEdge ? p.Height / (1 + Math.Exp(p.Way * (nm - p.At) / (p.Width / 2)))
                : p.Height * Math.Exp(-(nm - p.At) * (nm - p.At) / (2 * p.Width * p.Width)))),
            Spectrum.Of(nm => scatters * Math.Pow(550 / nm, falls)));
    }

    private static double[] Board(double seen) => [.. Enumerable.Repeat(SurfaceReflection.Inside(seen), Spectrum.Bands)];

    private static Lab Seen(PaintOptics paint, double um, double[] ground) =>
        Lab.From(Observer.Look([.. paint.Over(ground, um).Select(SurfaceReflection.SeenWithoutGloss)], Observer.D65));

    private static PaintDescription Paint(Lab black, Lab white, double film) =>
        new("x", "Test", Material.WaterCake, Finish.Matt, film, black, white, 20, 50, true, true);
}
