using Datura.Core.Body;

namespace Datura.Core.Tests.Body;

/// <summary>Ears, shoulders and a child's forms: what no caliper gives but everyone sees.</summary>
public class BustFormTests
{
    public static TheoryData<string> Presets => [.. MeasurePresets.All.Select(p => p.Id)];

    private static FittedBody Of(string preset) => FittedBody.For(MeasurePresets.All.First(p => p.Id == preset).MeasuresMm);

    // A mean adult's ear is some 62 mm long and 34 mm wide (Farkas 1994, from memory) and stands off behind by one and a half to two
    // centimetres (common practice).
    [Fact]
    public void AnEarHasTheSizeOfAnEar()
    {
        var (low, high, front, back, most) = (double.MaxValue, double.MinValue, double.MaxValue, double.MinValue, 0.0);
        for (var v = -50.0; v < 60; v++)
        {
            for (var a = 60.0; a < 140; a += 0.5)
            {
                var mm = EarForm.HeightMm(a, v);
                most = Math.Max(most, mm);
                if (mm > 2)
                {
                    (low, high, front, back) = (Math.Min(low, v), Math.Max(high, v), Math.Min(front, a), Math.Max(back, a));
                }
            }
        }

        Assert.InRange(high - low, 55, 70);
        // Leaning back makes it wider from edge to edge than it is across.
        Assert.InRange((back - front) * Math.PI / 180 * 77, 28, 48);
        Assert.InRange(most, 12, 22);
    }

    // The bowl lies deeper than the rim behind it, and the flap before it stands up (anatomy).
    [Fact]
    public void AnEarHasARimABowlAndAFlap()
    {
        double At(double xMm, double yMm) => EarForm.HeightMm(98 + (xMm + 0.22 * yMm) / (77 * Math.PI / 180), 3 + yMm);
        Assert.True(At(14, 2) > At(-1, -3) + 8);
        Assert.True(At(-11, -4) > At(-1, -3) + 2);
        Assert.True(At(-3, -24) > 3);
    }

    // Upper arms make the shoulders wider below the bone points than at them, by 4 to 10 cm between the two (bideltoid and biacromial
    // breadth, adult surveys, from memory).
    [Theory]
    [MemberData(nameof(Presets))]
    public void ShouldersRoundIntoArms(string preset)
    {
        var body = Of(preset);
        var across = new List<double>();
        for (var v = -315.0; v <= -206; v += 3)
        {
            across.Add(Enumerable.Range(0, 90).Max(a => 2 * body.Skin.Position(new((40 + a) * Math.PI / 180, v)).X));
        }

        Assert.InRange(across.Max() - body.MeasuresMm["shoulderWidth"], 12, 100);
        // Down from the widest place the outline hardly draws in: no cut wing.
        Assert.True(across[0] > 0.9 * across.Max(), $"{across[0]:0} of {across.Max():0} mm");
    }

    // Nothing that is measured with a caliper moves when a face is given a child's forms.
    [Fact]
    public void AChildsFormsLeaveMeasuredPlacesWhereTheyAre()
    {
        foreach (var (landmark, at) in Landmarks.Reference.Where(l => Measures.All.Where(m => m.Reading is not GirthReading).SelectMany(m => m.Reading.Places()).Contains(l.Value)))
        {
            Assert.True(Math.Abs(ChildForm.HeightMm(at)) < 0.35, $"{landmark} moves by {ChildForm.HeightMm(at):0.00} mm");
        }
    }

    [Fact]
    public void TheOlderTheLessOfAChild()
    {
        var shares = Enumerable.Range(0, 40).Select(k => ChildForm.Share(2 + 0.5 * k)).ToArray();
        Assert.Equal(1, shares[0]);
        Assert.Equal(0, shares[^1]);
        Assert.All(shares.Zip(shares.Skip(1)), s => Assert.True(s.Second <= s.First));
    }

    // At three the eyes lie at or below the middle of the head; a grown-up's lie in it (drawing practice).
    [Theory]
    [InlineData("child3", 0.42, 0.52)]
    [InlineData("child6", 0.43, 0.53)]
    [InlineData("child10", 0.44, 0.54)]
    [InlineData("man", 0.46, 0.56)]
    public void EyesLieLowerInAChildsHead(string preset, double least, double most)
    {
        var body = Of(preset);
        double Y(Landmark landmark) => body.Skin.Position(Landmarks.At(landmark)).Y;
        var eyes = 0.5 * (Y(Landmark.Exocanthion.Left) + Y(Landmark.Endocanthion.Left));
        Assert.InRange((eyes - Y(Landmark.Gnathion)) / (Y(Landmark.Vertex) - Y(Landmark.Gnathion)), least, most);
    }

    // The older, the longer the nose for the face, the higher the face for the head, the thicker the neck and the wider the shoulders for it
    // (growth surveys, from memory).
    [Fact]
    public void ProportionsGrowWithAge()
    {
        string[] ages = ["child3", "child6", "child10", "man"];
        double[] Ratios(string over, string under) => [.. ages.Select(Of).Select(b => b.MeasuresMm[over] / b.MeasuresMm[under])];
        double[] nose = Ratios("noseHeight", "faceHeight"), jaw = Ratios("lowerFaceHeight", "headHeight"), neck = Ratios("neckGirth", "headGirth"), shoulders = Ratios("shoulderWidth", "headWidth");
        foreach (var rising in new[] { nose, jaw, neck, shoulders })
        {
            Assert.Equal(rising.Order(), rising);
        }
    }
}
