using System.ComponentModel.DataAnnotations;
using System.Reflection;

namespace Datura.Core.Tests;

/// <summary>What may be kept: every limit is enforced where it is declared, and nothing half-said gets through.</summary>
public class DocumentCheckTests
{
    private static readonly Part Socket = DemoWorld.Part("socket") with { Id = "socket-1" };
    private static readonly PaintDescription Paint = DemoWorld.Kit.Paints[0];

    private static Look LookOf(Part part) => DemoWorld.LookOf(part);

    private static Exception? Refused(Action check) => Record.Exception(check);

    // A setting with one number just within its limit is kept; just beyond it is refused by that field's name.
    public static TheoryData<string> SettingNumbers => [.. typeof(Setting).GetProperties().Where(p => p.GetCustomAttribute<RangeAttribute>() is not null && p.Name != nameof(Setting.Ambient))
        .Select(p => p.Name)];

    [Theory]
    [MemberData(nameof(SettingNumbers))]
    public void ASettingIsKeptWithinItsLimitsAndRefusedBeyond(string name)
    {
        var property = typeof(Setting).GetProperty(name)!;
        var range = property.GetCustomAttribute<RangeAttribute>()!;
        foreach (var (value, kept) in new[] { (Ends(range).Least, true), (Ends(range).Most, true), (Ends(range).Least - 1, false), (Ends(range).Most + 1, false) })
        {
            var setting = DemoWorld.Parade with { };
            property.SetValue(setting, Convert.ChangeType(value, Nullable.GetUnderlyingType(property.PropertyType) ?? property.PropertyType, null));
            if (kept)
            {
                Assert.Null(Refused(() => DocumentCheck.Check(setting)));
                continue;
            }

            var problem = Assert.Single(Assert.IsType<PlanException>(Refused(() => DocumentCheck.Check(setting))).Problems);
            Assert.Equal(name, problem.Field, ignoreCase: true);
            Assert.EndsWith(".", problem.Sentence, StringComparison.Ordinal);
        }
    }

    [Theory]
    [InlineData(double.NaN)]
    [InlineData(double.PositiveInfinity)]
    [InlineData(double.NegativeInfinity)]
    public void WhatIsNoNumberIsRefusedEverywhere(double value)
    {
        Look[] looks =
        [
            LookOf(Socket with { Unevenness = value }), LookOf(Socket with { ReliefMm = value }), LookOf(Socket with { Moved = new(value, 0) }), LookOf(Socket with { Moved = new(0, value) }),
            LookOf(Socket with { Numbers = new Dictionary<string, double> { ["droop"] = value } }), LookOf(Socket with { Laid = new Dictionary<string, CoatLay> { ["dark"] = new(value) } }),
            LookOf(Socket with { Laid = new Dictionary<string, CoatLay> { ["dark"] = new(Split: new(Overlap: value)) } }),
                LookOf(Socket with { Paints = new Dictionary<string, PaintMix> { ["dark"] = new([new(Paint.Id, value)]) } }),
            LookOf(Socket) with { WetLifts = value }, LookOf(Socket) with { Form = FormWish.Usual with { Strength = value } },
                LookOf(Socket) with { Form = FormWish.Usual with { Pretended = new(value, 0) } },
            LookOf(Socket) with { Form = FormWish.Usual with { Zones = [new("chin", Side.Middle, value, 5)] } },
        ];
        Assert.All(looks, look => Assert.IsType<PlanException>(Refused(() => DocumentCheck.Check(look))));
        PaintDescription[] paints = [Paint with { CoatFilmUm = value }, Paint with { DryingSeconds = value }, Paint with { LeftMl = value }, Paint with { Price = value },
            Paint with { CardFilmUm = value }, Paint with { OverBlack = new(value, 0, 0) }];
        Assert.All(paints, paint => Assert.IsType<InputException>(Refused(() => DocumentCheck.Check(paint, "paints[0]"))));
    }

    [Fact]
    public void NothingHalfSaidGetsThrough()
    {
        Assert.Equal(ProblemCode.EmptyLook, Assert.IsType<InputException>(Refused(() => DocumentCheck.Check((Look?)null))).Problem.Code);
        Assert.Equal(ProblemCode.EmptyLook, Assert.IsType<InputException>(Refused(() => DocumentCheck.Check(LookOf(Socket) with { Parts = null! }))).Problem.Code);
        Assert.Equal(ProblemCode.EmptyLook, Assert.IsType<InputException>(Refused(() => DocumentCheck.Check(LookOf(Socket) with { Parts = [null!] }))).Problem.Code);
        Assert.Equal(ProblemCode.EmptyFace, Assert.IsType<InputException>(Refused(() => DocumentCheck.Check((Face?)null))).Problem.Code);
        Assert.Equal(ProblemCode.EmptyFace, Assert.IsType<InputException>(Refused(() => DocumentCheck.Check(DemoWorld.Faces[0] with { MeasuresMm = null! }))).Problem.Code);
        Assert.Equal(ProblemCode.EmptyFace, Assert.IsType<InputException>(Refused(() => DocumentCheck.Check(DemoWorld.Faces[0] with { Cautions = null! }))).Problem.Code);
        Assert.Equal(ProblemCode.SettingName, Assert.IsType<InputException>(Refused(() => DocumentCheck.Check((Setting?)null))).Problem.Code);
        Assert.Equal(ProblemCode.KitName, Assert.IsType<InputException>(Refused(() => DocumentCheck.Check((Kit?)null))).Problem.Code);
        Assert.Equal(ProblemCode.KitName, Assert.IsType<InputException>(Refused(() => DocumentCheck.Check(DemoWorld.Kit with { Paints = [Paint, null!] }))).Problem.Code);
        Assert.Equal(ProblemCode.PaintName, Assert.IsType<InputException>(Refused(() => DocumentCheck.Check(null, "paints[3]"))).Problem.Code);
    }

    public static TheoryData<ProblemCode> PaintFaults => [ProblemCode.CoatLimits, ProblemCode.PaintPrice, ProblemCode.PaintStripe, ProblemCode.CardFilm, ProblemCode.CardColour, ProblemCode.PaintName];

    // The faulty paint is named by its place in the kit, and the sentence by the paint's own name.
    [Theory]
    [MemberData(nameof(PaintFaults))]
    public void AFaultyPaintIsNamedByItsPlace(ProblemCode code)
    {
        var faulty = code switch
        {
            ProblemCode.CoatLimits => Paint with { CoatFilmUm = 0 },
            ProblemCode.PaintPrice => Paint with { Price = -1 },
            ProblemCode.PaintStripe => Paint with { Stripe = new("", 1) },
            ProblemCode.CardFilm => Paint with { CardFilmUm = 0 },
            ProblemCode.CardColour => Paint with { OverWhite = new(140, 0, 0) },
            _ => Paint with { Name = " " },
        };
        var kit = DemoWorld.Kit with { Paints = [DemoWorld.Kit.Paints[1], faulty] };
        var problem = Assert.IsType<InputException>(Refused(() => DocumentCheck.Check(kit))).Problem;
        Assert.Equal((code, "paints[1]"), (problem.Code, problem.Field));
        Assert.True(code == ProblemCode.PaintName || problem.Sentence.StartsWith(Paint.Name, StringComparison.Ordinal), problem.Sentence);
    }

    [Fact]
    public void TwoPaintsOfOneIdAndTooManyAreRefused()
    {
        Assert.Equal(ProblemCode.KitPaints, Assert.IsType<InputException>(Refused(() => DocumentCheck.Check(DemoWorld.Kit with { Paints = [Paint, Paint] }))).Problem.Code);
        var many = Enumerable.Range(0, Limits.MostPaints + 1).Select(k => Paint with { Id = $"p{k}" }).ToArray();
        Assert.Equal(ProblemCode.KitPaints, Assert.IsType<InputException>(Refused(() => DocumentCheck.Check(DemoWorld.Kit with { Paints = many }))).Problem.Code);
        Assert.Null(Refused(() => DocumentCheck.Check(DemoWorld.Kit with { Paints = many[1..] })));
    }

    [Fact]
    public void TooManyPartsAreRefusedBeforeAnyIsLookedAt()
    {
        var parts = Enumerable.Range(0, Limits.MostParts + 1).Select(k => Socket with { Id = $"s{k}", Unevenness = 9 }).ToArray();
        var problem = Assert.Single(Assert.IsType<PlanException>(Refused(() => DocumentCheck.Check(LookOf(Socket) with { Parts = parts }))).Problems);
        Assert.Equal(ProblemCode.TooManyParts, problem.Code);
    }

    [Theory]
    [InlineData("circle")]
    [InlineData("two pins")]
    [InlineData("pin before the first")]
    public void AnOrderThatCannotBeIsRefused(string what)
    {
        OrderWish wish = what switch
        {
            "circle" => OrderWish.Usual with { Ties = [new("a/x", "b/x"), new("b/x", "c/x"), new("c/x", "a/x")] },
            "two pins" => OrderWish.Usual with { Pins = [new("a/x", 2), new("b/x", 2)] },
            _ => OrderWish.Usual with { Pins = [new("a/x", 0)] },
        };
        Assert.NotEmpty(Assert.IsType<PlanException>(Refused(() => DocumentCheck.Check(LookOf(Socket) with { Order = wish }))).Problems);
    }

    // A circle is named from where it begins to where it comes back, however long the way to it; a chain that only meets itself is none.
    [Fact]
    public void ACircleOfTiesIsNamedAndAChainIsTaken()
    {
        IReadOnlyList<Problem> Of(params (string, string)[] ties) => Refused(() => DocumentCheck.Check(LookOf(Socket) with
        {
            Order = OrderWish.Usual with
            { Ties = [.. ties.Select(t => new StepTie(t.Item1, t.Item2))] }
        })) is PlanException plan ? [.. plan.Problems] : [];
        var chain = Enumerable.Range(0, 3900).Select(k => ($"c{k}/x", $"c{k + 1}/x")).ToArray();
        Assert.DoesNotContain(Of(chain), p => p.Code == ProblemCode.TiesInACircle);
        Assert.DoesNotContain(Of(("a/x", "b/x"), ("a/x", "c/x"), ("b/x", "d/x"), ("c/x", "d/x")), p => p.Code == ProblemCode.TiesInACircle);
        Assert.Contains("c7/x → c8/x → c7/x", Assert.Single(Of([.. chain.Take(8), ("c8/x", "c7/x")]), p => p.Code == ProblemCode.TiesInACircle).Sentence);
        // The second of two ties of one coat goes round.
        Assert.Contains(Of(("a/x", "z/x"), ("a/x", "b/x"), ("b/x", "a/x")), p => p.Code == ProblemCode.TiesInACircle);
        Assert.Contains(Of(("a/x", "a/x")), p => p.Code == ProblemCode.TiesInACircle);
    }

    [Theory]
    [InlineData(0.1, ProblemCode.LampTooNear)]
    [InlineData(300, ProblemCode.LampTooFar)]
    public void ALampStandsNeitherInTheHeadNorBeyondAllDistance(double metres, ProblemCode code)
    {
        var setting = DemoWorld.Parade with { Lamps = [new("amber", 1, DistanceM: metres)] };
        Assert.Equal(code, Assert.Single(Assert.IsType<PlanException>(Refused(() => DocumentCheck.Check(setting))).Problems).Code);
    }

    [Fact]
    public void ALampThatIsNotThereAndNoLightAtAllAreRefused()
    {
        ProblemCode Of(params LampLevel[] lamps) => Assert.IsType<PlanException>(Refused(() => DocumentCheck.Check(DemoWorld.Parade with { Lamps = lamps, Ambient = 0 }))).Problems[0].Code;
        Assert.Equal(ProblemCode.NoSuchLamp, Of(new LampLevel("moon", 1)));
        Assert.Equal(ProblemCode.NoLight, Of(new LampLevel("amber", 0)));
        Assert.Equal(ProblemCode.NoLight, Of(new LampLevel("amber", double.NaN)));
    }

    // Skin of a colour that no skin has is refused at the skin.
    [Theory]
    [InlineData(60, 80, 10)]
    [InlineData(99, 5, 5)]
    [InlineData(double.NaN, 5, 5)]
    public void NoSkinIsOfThatColour(double l, double a, double b)
    {
        var refused = Refused(() => DocumentCheck.Check(DemoWorld.Faces[0] with { Skin = new(l, a, b) }));
        Assert.Equal("skin", Assert.IsType<InputException>(refused).Problem.Field);
    }

    [Fact]
    public void WhatTheDemoHoldsIsKept()
    {
        Assert.All(DemoWorld.FourFaces, f => Assert.Null(Refused(() => DocumentCheck.Check(f))));
        Assert.All(DemoWorld.AllKits, k => Assert.Null(Refused(() => DocumentCheck.Check(k))));
        Assert.All(Enumerable.Range(0, 40), n => Assert.Null(Refused(() => DocumentCheck.Check(RandomLooks.Look(n, DemoWorld.Kit) with { Order = null }))));
        Assert.All(Enumerable.Range(0, 40), n => Assert.Null(Refused(() => DocumentCheck.Check(RandomLooks.Setting(n)))));
    }

    private static (double Least, double Most) Ends(RangeAttribute range) => (Convert.ToDouble(range.Minimum, null), Convert.ToDouble(range.Maximum, null));
}
