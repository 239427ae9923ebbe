using Datura.Core.Shapes;

namespace Datura.Core.Tests.Shapes;

/// <summary>Laws that hold for every kind in the registry, on every demo face.</summary>
public class KindTests
{
    public static TheoryData<string> Kinds => [.. PartKinds.All.Select(k => k.Id)];

    public static TheoryData<string> Sided => [.. PartKinds.All.Where(k => k.Sided).Select(k => k.Id)];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void TheSameSeedGivesTheSameMarks(string kind)
    {
        var part = DemoWorld.Part(kind) with { Unevenness = 1, Seed = 77 };
        Assert.Equal(Describe(DemoWorld.Expand(part)), Describe(DemoWorld.Expand(part)));
    }

    [Theory]
    [MemberData(nameof(Sided))]
    public void WithoutUnevennessTheRightSideIsTheMirrorImage(string kind)
    {
        // Lights are left out: one lamp lights both sides from the same side (common practice).
        var marks = DemoWorld.Expand(DemoWorld.Part(kind)).Marks.Where(m => m.Role != "light").ToArray();
        Assert.Equal(
            marks.Where(m => m.Side == Side.Left).Select(m => Describe(Mirror.Of(m, DemoWorld.Body))),
            marks.Where(m => m.Side == Side.Right).Select(Describe));
    }

    [Theory]
    [MemberData(nameof(Sided))]
    public void FullUnevennessMakesSistersNotTwins(string kind)
    {
        var part = DemoWorld.Part(kind) with { Unevenness = 1 };
        // On the mid-line a drawing is one.
        part = PartKinds.Find(kind)!.IsSided(part) ? part : part with { Words = new Dictionary<string, string> { ["at"] = "temple" } };
        var marks = DemoWorld.Expand(part).Marks;
        var left = marks.Where(m => m.Side == Side.Left).Select(m => Describe(Mirror.Of(m, DemoWorld.Body))).ToArray();
        var right = marks.Where(m => m.Side == Side.Right).Select(Describe).ToArray();
        Assert.Equal(left.Length, right.Length);
        Assert.NotEqual(left, right);
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void AtBothEndsOfEveryParameterTheMarksAreSound(string kind)
    {
        foreach (var spec in PartKinds.Find(kind)!.Parameters.Where(p => p.Type is not (ParameterType.Choice or ParameterType.Zones)))
        {
            foreach (var value in new[] { spec.Least, spec.Most })
            {
                Sound(DemoWorld.Part(kind, (spec.Id, value)), $"{kind}, {spec.Label} {value}");
            }
        }
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void EveryChoiceGivesSoundMarks(string kind)
    {
        foreach (var spec in PartKinds.Find(kind)!.Parameters.Where(p => p.Type == ParameterType.Choice))
        {
            foreach (var word in spec.Choices)
            {
                Sound(DemoWorld.Part(kind) with { Words = new Dictionary<string, string> { [spec.Id] = word } }, $"{kind}, {word}");
            }
        }
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void EveryDefaultLiesWithinItsLimitsOnEveryFace(string kind) => Assert.All(DemoWorld.Bodies.Values, body =>
        Assert.All(PartKinds.Find(kind)!.Parameters, p => Assert.InRange(p.Default(body), p.Least, p.Most)));

    [Theory]
    [MemberData(nameof(Kinds))]
    public void OneSideAskedForIsOneSidePainted(string kind)
    {
        if (PartKinds.Find(kind)!.Sided)
        {
            Assert.All(DemoWorld.Expand(DemoWorld.Part(kind) with { Sides = Sides.Right }).Marks, m => Assert.Equal(Side.Right, m.Side));
        }
    }

    [Fact]
    public void TheLibraryIsBroad()
    {
        Assert.True(PartKinds.All.Count >= 45);
        Assert.Equal(PartKinds.All.Count, PartKinds.All.Select(k => k.Id).Distinct().Count());
        Assert.Equal(Enum.GetValues<Family>(), PartKinds.All.Select(k => k.Family).Distinct().Order());
    }

    [Fact]
    public void ASettingOutsideTheLimitsIsNamed()
    {
        var problem = Assert.Throws<PlanException>(() => DemoWorld.PlanOf(DemoWorld.Part("socket", ("aboveBrow", 400))));
        Assert.Equal("parts[0].numbers.aboveBrow", Assert.Single(problem.Problems).Field);
    }

    private static void Sound(Part part, string what)
    {
        foreach (var body in DemoWorld.Bodies.Values)
        {
            var (marks, sizes) = DemoWorld.Expand(part, body);
            Assert.NotEmpty(marks);
            foreach (var region in marks.OfType<RegionMark>())
            {
                Assert.True(region.Outline.IsValid, $"{what}: a crossed outline");
                Assert.All(region.Outline.Coordinates, c => Assert.True(double.IsFinite(c.X) && double.IsFinite(c.Y), what));
                Assert.InRange(region.Outline.EnvelopeInternal.MinY, body.Chart.YRange.Low - 1e-6, region.Outline.EnvelopeInternal.MaxY);
                Assert.InRange(region.Outline.EnvelopeInternal.MaxY, region.Outline.EnvelopeInternal.MinY, body.Chart.YRange.High + 1e-6);
            }

            foreach (var stroke in marks.OfType<StrokeMark>())
            {
                Assert.Equal(stroke.Path.Count, stroke.WidthsMm.Count);
                Assert.All(stroke.Path, p => Assert.InRange(p.YMm, body.Chart.YRange.Low, body.Chart.YRange.High));
                Assert.All(stroke.WidthsMm, w => Assert.InRange(w, 0.1, 20));
            }

            Assert.All(sizes, s => Assert.True(double.IsFinite(s.Value) && s.Value >= 0, $"{what}: {s.Label} {s.Value}"));
        }
    }

    private static string Describe(PartMarks marks) => string.Join('\n', marks.Marks.Select(Describe));

    private static string Describe(Mark mark) => FormattableString.Invariant($"{mark.Role} ") + mark switch
    {
        RegionMark r => string.Join(' ', r.Outline.Coordinates.Select(c => FormattableString.Invariant($"{Zero(c.X):0.000},{Zero(c.Y):0.000}")).Order(StringComparer.Ordinal)),
        StrokeMark s => string.Join(' ', s.Path.Select(p => FormattableString.Invariant($"{Zero(p.XMm):0.000},{Zero(p.YMm):0.000}"))),
        DotMark d => FormattableString.Invariant($"{Zero(d.At.XMm):0.000},{Zero(d.At.YMm):0.000}"),
        _ => "",
    };

    private static double Zero(double value) => Math.Abs(value) < 5e-4 ? 0 : value;
}
