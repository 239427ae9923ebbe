using Datura.Core.Fit;
using Datura.Core.Paint;
using Datura.Core.Shapes;
using Datura.Documents;

namespace Datura.Core.Tests.Fit;

/// <summary>A look made with one kit, painted with another.</summary>
public class StandInTests
{
    public static TheoryData<string, int> LooksOnKits
    {
        get
        {
            var all = new TheoryData<string, int>();
            foreach (var look in new[] { "drowned-lamp-keeper", "barnacle-saint", "kelp-bride", "wreck-diver", "storm-cormorant", "quay-seal", "low-tide-bones" })
            {
                for (var kit = 0; kit < DemoWorld.AllKits.Count; kit++)
                {
                    all.Add(look, kit);
                }
            }

            return all;
        }
    }

    // Nothing is refused for a missing paint, and what is there stays as it is.
    [Theory]
    [MemberData(nameof(LooksOnKits))]
    public void EveryLookCanBePaintedWithEveryKit(string id, int which)
    {
        var (look, kit) = (DemoWorld.Look(id), DemoWorld.AllKits[which]);
        var (shown, found) = StandIns.Of(look, kit, DemoWorld.Kit);
        Assert.NotEmpty(Planner.Plan(shown with { Form = null, Order = null }, DemoWorld.Faces[0], DemoWorld.Body, kit, DemoWorld.Parade).Plan.Steps);
        foreach (var (before, after) in look.Parts.Zip(shown.Parts))
        {
            Assert.Equal(before with { Paints = after.Paints }, after);
            foreach (var (role, mix) in before.Paints)
            {
                var there = mix.Shares.All(s => kit.Paints.Any(p => p.Id == s.Paint));
                Assert.Equal(!there, found.Any(f => f.PartId == before.Id && f.Role == role));
                Assert.True(!there || after.Paints[role] == mix);
            }
        }

        if (which == 0)
        {
            Assert.Same(look, shown);
        }
    }

    // The difference told is that between the two opaque colours, and no single paint that may go there is nearer by more than the
    // half ΔE00 that a further paint must earn.
    [Fact]
    public void TheDifferenceToldIsTrueAndNoSinglePaintIsNearer()
    {
        var kit = DemoWorld.AllKits[2];
        var look = DemoWorld.Look("kelp-bride");
        var found = StandIns.Of(look, kit, DemoWorld.Kit).Found.Where(f => look.Parts.First(p => p.Id == f.PartId).LayOf(f.Role).Split is null && f.Wanted.Shares
            .All(s => Materials.Mixes(PaintOptics.Find(DemoWorld.Kit, s.Paint).Material))).ToArray();
        Assert.NotEmpty(found);
        foreach (var f in found)
        {
            var wanted = new PaintStackProbe(PaintOptics.Of(f.Wanted, DemoWorld.Kit)).OpaqueColour;
            Assert.Equal(ColourDifference.DeltaE00(wanted, new PaintStackProbe(PaintOptics.Of(f.Mix, kit)).OpaqueColour), f.DeltaE!.Value, 1e-6);
            var zones = PartKinds.Find(look.Parts.First(p => p.Id == f.PartId).Kind)!.HangsOn;
            var may = kit.Paints.Where(p => Materials.Mixes(p.Material) && (p.NearEyes || !zones.Any(z => z is Zone.Lid or Zone.Orbit)) && (p.OnLips || !zones.Contains(Zone.Lips)));
            Assert.True(f.DeltaE <= may.Min(p => ColourDifference.DeltaE00(wanted, new PaintStackProbe(PaintOptics.Of(p)).OpaqueColour)) + 1e-6);
        }
    }

    [Fact]
    public void NearTheEyesOnlyWhatMayGoThereStandsIn()
    {
        var trunk = DemoWorld.AllKits[1];
        var look = DemoWorld.LookOf(DemoWorld.Part("socket"));
        Assert.All(StandIns.Of(look, trunk, DemoWorld.Kit).Found, f => Assert.All(f.Mix.Shares, s => Assert.True(trunk.Paints.First(p => p.Id == s.Paint).NearEyes)));
    }

    // Of a kit that nobody knows the colours are not known: the paint that a new part would start with, and no difference is told.
    [Fact]
    public void WithoutItsKitTheUsualPaintStandsIn()
    {
        var look = DemoWorld.LookOf(DemoWorld.Part("socket") with { Paints = new Dictionary<string, PaintMix> { ["dark"] = new([new("nobody-knows", 1)]) } });
        var found = Assert.Single(StandIns.Of(look, DemoWorld.Kit, null).Found);
        Assert.Null(found.DeltaE);
        Assert.Equal("nobody knows", found.WantedWords);
        var socket = PartKinds.Find("socket")!;
        Assert.Equal(SuggestedPaint.For(socket.Roles.First(r => r.Id == "dark"), socket.HangsOn, DemoWorld.Kit), Assert.Single(found.Mix.Shares).Paint);
    }

    [Fact]
    public void WhatStandsInIsOnThePlanAndSaidOnceForLikeCoats()
    {
        var kit = DemoWorld.AllKits[2];
        var (shown, found) = StandIns.Of(DemoWorld.Look("drowned-lamp-keeper"), kit, DemoWorld.Kit);
        var plan = Planner.Plan(shown with { Form = null, Order = null }, DemoWorld.Faces[0], DemoWorld.Body, kit, DemoWorld.Parade, standIns: found).Plan;
        Assert.Equal(found.Count, plan.StandIns.Count);
        var notes = plan.Cautions.Where(c => c.Code == CautionCode.StandsIn).ToArray();
        Assert.Equal(notes.Length, notes.Select(n => n.Sentence).Distinct().Count());
        Assert.Equal(found.Select(f => f.PartId).Distinct().Order(), notes.SelectMany(n => n.Parts).Select(p => p.Id).Distinct().Order());
    }

    [Fact]
    public void ALookKeepsItsKitInItsFile()
    {
        var look = DemoWorld.Look("quay-seal") with { Kit = "wardrobe-trunk" };
        Assert.Equal("wardrobe-trunk", DocumentTypes.Look.ReadFile(DocumentTypes.Look.WriteFile(look)).Kit);
        Assert.Null(DocumentTypes.Look.ReadFile(DocumentTypes.Look.WriteFile(look with { Kit = null })).Kit);
    }
}
