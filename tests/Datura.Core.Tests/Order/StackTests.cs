using Datura.Core.Order;

namespace Datura.Core.Tests.Order;

/// <summary>What lies on what is the painter's; schools only propose it.</summary>
public class StackTests
{
    public static TheoryData<int> Seeds => [.. Enumerable.Range(0, 16)];

    private static PlannedLook Planned(Look look, int seed) => Planner.Plan(look, DemoWorld.FourFaces[seed % 4], DemoWorld.Bodies[DemoWorld.FourFaces[seed % 4].Id], DemoWorld.Kit, DemoWorld.Parade);

    private static Look Random(int seed) => RandomLooks.Look(seed, DemoWorld.Kit) with { Order = null, Form = null, Stages = null };

    private static List<string> Keys(PlannedLook planned) => [.. planned.InOrder.Select(j => j.Key)];

    private static CoatJob[] Coats(PlannedLook planned) => [.. planned.InOrder.Where(j => j.Role.Stage != Stage.Map)];

    private static IEnumerable<(CoatJob Lower, CoatJob Upper)> Touching(PlannedLook planned)
    {
        var (coats, overlaps) = (Coats(planned), new Overlaps());
        return from a in Enumerable.Range(0, coats.Length)
               from b in Enumerable.Range(a + 1, coats.Length - a - 1)
               where coats[a].Load != coats[b].Load && overlaps.Of(coats[a], coats[b])
               select (coats[a], coats[b]);
    }

    // Of two steps that touch one comes before the other in every legal order, so that all of them give one picture.
    [Theory]
    [MemberData(nameof(Seeds))]
    public void EveryLegalOrderGivesTheSamePicture(int seed)
    {
        var planned = Planned(Random(seed), seed);
        var (network, random) = (planned.Network!, new Random(seed));
        for (var draw = 0; draw < 6; draw++)
        {
            var order = new List<int>();
            while (order.Count < network.Count)
            {
                var free = Enumerable.Range(0, network.Count).Where(g => !order.Contains(g) && Enumerable.Range(0, network.Count).All(a => order.Contains(a) || !network.Before(a, g))).ToArray();
                order.Add(RandomLooks.Pick(random, free));
            }

            var other = new CoatColours(DemoWorld.Faces[0].Skin, DemoWorld.Kit, Steps.Of(network, Schedule.Of(network, order)));
            var same = new CoatColours(DemoWorld.Faces[0].Skin, DemoWorld.Kit, planned.Steps);
            Assert.All(Coats(planned), j => Assert.Equal(same.Of(j), other.Of(j)));
        }
    }

    // Whichever of two touching coats she wants on top lies on top, whatever its school says.
    [Theory]
    [MemberData(nameof(Seeds))]
    public void WhatSheLaysOverLiesOver(int seed)
    {
        var look = Random(seed);
        var (usual, random) = (Planned(look, seed), new Random(seed));
        var pairs = Touching(usual).Where(p => !p.Lower.Lay.IntoWet && !p.Upper.Lay.IntoWet && !(p.Lower.StaysDamp && p.Upper.OnDamp)).ToArray();
        foreach (var (lower, upper) in Enumerable.Range(0, Math.Min(4, pairs.Length)).Select(_ => RandomLooks.Pick(random, pairs)))
        {
            var turned = Planned(look with { Order = new(Over: [new(lower.Key, upper.Key)]) }, seed);
            Assert.True(Keys(turned).IndexOf(lower.Key) > Keys(turned).IndexOf(upper.Key), $"{lower.Key} over {upper.Key}");
            // Saying what is so already changes nothing.
            Assert.Equal(Keys(usual), Keys(Planned(look with { Order = new(Over: [new(upper.Key, lower.Key)]) }, seed)));
        }
    }

    // An order that she keeps says what lies on what: later lies over.
    [Theory]
    [MemberData(nameof(Seeds))]
    public void InAKeptOrderLaterLiesOver(int seed)
    {
        var (look, random) = (Random(seed) with { Mapping = Mapping.Freehand }, new Random(seed));
        look = look with { Parts = [.. look.Parts.Select(p => p with { Laid = null })] };
        string[] kept = [.. Keys(Planned(look, seed)).OrderBy(_ => random.Next())];
        var planned = Planned(look with { Order = new(Sequence: kept) }, seed);
        Assert.Equal(kept.Length, planned.InOrder.Count);
        foreach (var (lower, upper) in Touching(planned))
        {
            Assert.True(Array.IndexOf(kept, lower.Key) < Array.IndexOf(kept, upper.Key) || OnGround(planned, lower, upper), $"{lower.Key} lies under {upper.Key}");
        }
    }

    // Another tool in the hand takes longer or comes out broader; it lies where it lay.
    [Theory]
    [MemberData(nameof(Seeds))]
    public void AnotherToolChangesNoStack(int seed)
    {
        var look = Random(seed);
        look = look with { Parts = [.. look.Parts.Select(p => p with { Laid = null })] };
        var random = new Random(seed);
        var other = look with
        {
            Parts = [.. look.Parts.Select(p => p with
            {
                Laid = p.Paints.ToDictionary(m => m.Key, m => new CoatLay { Tool = RandomLooks.WithHand(random, CoatLay.Usual, m.Value, DemoWorld.Kit).Tool }),
            })],
        };
        var (usual, changed) = (Planned(look, seed), Planned(other, seed));
        var keys = Keys(changed);
        // Of two coats of one paint it makes no difference.
        Assert.All(Touching(usual).Where(p => !p.Lower.Mix.Shares.SequenceEqual(p.Upper.Mix.Shares)), p => Assert.True(
            keys.IndexOf(p.Lower.Key) < keys.IndexOf(p.Upper.Key) || !Touch(changed, p.Lower.Key, p.Upper.Key), $"{p.Lower.Key} and {p.Upper.Key}"));
    }

    // A broader line touches more, a finer one less.
    private static bool Touch(PlannedLook planned, string a, string b) =>
        new Overlaps().Of(planned.Jobs.Single(j => j.Key == a), planned.Jobs.Single(j => j.Key == b))
        && planned.Network!.IndexOf(a) != planned.Network.IndexOf(b);

    // Glitter and gems hold only on what is damp: physics keeps them after their ground.
    private static bool OnGround(PlannedLook planned, CoatJob lower, CoatJob upper) => planned.Jobs.Any(j => j.OnDamp) && (lower.StaysDamp || upper.OnDamp || lower.OnDamp);

    // Gel first, what it holds after: also of two parts of one kind, and whatever order is kept (physics, not a school).
    [Fact]
    public void StonesGoOnTheirGel()
    {
        var kit = DemoWorld.Kit with { Paints = [.. new[] { Material.Gel, Material.Gem }.Select(m => DemoWorld.Kit.Paints[0] with { Id = m.ToString(), Material = m })] };
        Part Arc(Material material) => DemoWorld.Part("gemArc") with { Paints = new Dictionary<string, PaintMix> { ["gem"] = new([new(material.ToString(), 1)]) } };
        PlannedLook Planned(Look look) => Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, kit, DemoWorld.Parade);
        foreach (var look in new[] { DemoWorld.LookOf(Arc(Material.Gel), Arc(Material.Gem)), DemoWorld.LookOf(Arc(Material.Gem), Arc(Material.Gel)) })
        {
            string Key(bool gel) => Planned(look).Jobs.Single(j => j.StaysDamp == gel && j.Role.Stage != Stage.Map).Key;
            var (gel, stones) = (Key(true), Key(false));
            foreach (var order in new[] { null, new OrderWish(Over: [new(gel, stones)]), new OrderWish(Sequence: [stones, gel]) })
            {
                var keys = Keys(Planned(look with { Order = order }));
                Assert.True(keys.IndexOf(gel) < keys.IndexOf(stones));
            }
        }
    }

    // White first in the fold, the dark drawn along the crease after; and the other way round (common practice: both are met).
    [Fact]
    public void BothWaysOfAFoldCanBeSaid()
    {
        var (base_, socket) = (DemoWorld.Part("skinBase"), DemoWorld.Part("socket") with { Reserved = false });
        var look = DemoWorld.LookOf(base_, socket);
        var (ground, dark) = ("skinBase-0/ground", Keys(Planned(look, 0)).First(k => k.StartsWith("socket", StringComparison.Ordinal)));
        bool First(string a, string b, OrderWish? order = null) => Keys(Planned(look with { Order = order }, 0)) is var keys && keys.IndexOf(a) < keys.IndexOf(b);
        Assert.True(First(ground, dark));
        Assert.True(First(dark, ground, new(Over: [new(ground, dark)])));
    }

    // Two coats of one paint with another between them are two goes with the same load.
    [Fact]
    public void OnePaintBeneathAndAboveAnotherIsTwoSteps()
    {
        CoatJob[] jobs = [OrderJobs.Of("under", Stage.BodyColour, 10, 20, 0), OrderJobs.Of("between", Stage.BodyColour, 10, 20, 0, parts: 2), OrderJobs.Of("above", Stage.BodyColour, 10, 20, 0)];
        Assert.Equal(2, StepNetwork.Of(jobs).Count);
        var network = StepNetwork.Of(jobs, new(Over: [new("between/x", "under/x"), new("above/x", "between/x")]));
        Assert.Equal(["under/x", "between/x", "above/x"], ListScheduler.Best(network).Order.Select(g => network.Groups[g].Key));
    }

    [Fact]
    public void AStackInACircleIsRefusedByName()
    {
        var look = new Look("x", "", Mapping.Freehand, [], Order: new(Over: [new("a/x", "b/x"), new("b/x", "a/x")]));
        Assert.Contains("under", Assert.Single(PlanCheck.OfLook(look)).Sentence, StringComparison.Ordinal);
    }

    // A step that is dragged over another lies over it from then on, also when the rest of the order is found anew.
    [Fact]
    public void ADraggedStepTurnsTheStack()
    {
        CoatJob[] jobs = [OrderJobs.Of("light", Stage.BodyColour, 10, 20, 0, 80), OrderJobs.Of("dark", Stage.BodyColour, 10, 20, 0, 20, parts: 2), OrderJobs.Of("far", Stage.BodyColour, 10, 20, 3, 50, parts: 3)];
        var network = StepNetwork.Of(jobs);
        var order = ListScheduler.Best(network).Order;
        var (light, dark) = (Array.IndexOf(order, network.IndexOf("light/x")), Array.IndexOf(order, network.IndexOf("dark/x")));
        Assert.True(light < dark);
        var (moved, over, refusal) = StepMove.Of(network, order, dark, light);
        Assert.Null(refusal);
        Assert.Contains(new("light/x", "dark/x"), over);
        Assert.Equal("dark/x", network.Groups[moved![light]].Key);
        var anew = StepNetwork.Of(jobs, new(Over: over));
        Assert.True(anew.Before(anew.IndexOf("dark/x"), anew.IndexOf("light/x")));
    }
}
