using Datura.Core.Order;
using Datura.Core.Supply;

namespace Datura.Core.Tests.Supply;

/// <summary>What one face takes: areas, films and mixes by hand, and what practised hands say of whole faces.</summary>
public class FaceSupplyTests
{
    private static readonly string[] Looks = ["drowned-lamp-keeper", "kelp-bride", "salt-widow", "storm-cormorant"];

    private static Part Base(params (string Paint, double Parts)[] mix) =>
        DemoWorld.Part("skinBase") with { Paints = new Dictionary<string, PaintMix> { ["ground"] = new([.. mix.Select(m => new PaintShare(m.Paint, m.Parts))]) }, Coats = new Dictionary<string, int> { ["ground"] = 1 } };

    // Area on the skin by the chart, film by the kit's card, one coat: cm² × µm.
    [Fact]
    public void TheVolumeOfABaseIsItsAreaTimesItsFilm()
    {
        var planned = DemoWorld.PlanOf(Base(("chalk-white", 1)));
        var job = planned.InOrder.Single(j => j.Role.Id == "ground");
        var cm2 = job.Marks.OfType<RegionMark>().Sum(m => planned.Body.Chart.AreaMm2(m.Outline)) / 100;
        var um = CoatFilm.Um(job.Mix, DemoWorld.Kit, job.Hand, job.Lay);
        Assert.InRange(FaceSupply.FilmCm3(job, DemoWorld.Kit) / (cm2 * um / 10_000), 0.98, 1.02);
        Assert.Equal(3 * FaceSupply.FilmCm3(job, DemoWorld.Kit), FaceSupply.FilmCm3(job with { Coats = 3 }, DemoWorld.Kit), 9);
    }

    // A dot of 4 mm and a line of 50 mm that tapers from 4 mm to nothing, on level ground: π·2² and 100 mm² (closed form).
    [Fact]
    public void DotsAndTaperedLinesAreMeasuredByHand()
    {
        var job = DemoWorld.PlanOf(Base(("chalk-white", 1))).InOrder.Single(j => j.Role.Id == "ground");
        var dots = job with { Marks = [new DotMark("ground", Side.Middle, new(0, 0), 4), new DotMark("ground", Side.Middle, new(9, 0), 4)], AreaMm2 = 0, LineMm = 0 };
        Assert.Equal(2 * Math.PI * 4, FaceSupply.CoveredMm2(dots), 6);
        var line = job with { Marks = [new StrokeMark("ground", Side.Middle, [new(0, 0), new(50, 0)], [4, 0])], AreaMm2 = 0, LineMm = 50 };
        Assert.Equal(100, FaceSupply.CoveredMm2(line), 6);
        // Where the skin is a tenth longer than the drawing, so is the line.
        Assert.Equal(110, FaceSupply.CoveredMm2(line with { LineMm = 55 }), 6);
    }

    // Some 80 full bases out of 30 g of cake, by sponge (common practice, unverified): a third to two thirds of a gram each.
    [Fact]
    public void AFullFaceOfCakeTakesWhatHandsSay()
    {
        var grams = DemoWorld.FourFaces.Take(3).Select((_, k) => FaceSupply.Of(Planner.Plan(DemoWorld.LookOf(Base(("chalk-white", 1))), DemoWorld.Faces[k], DemoWorld.Kit, DemoWorld.Parade), DemoWorld.Kit)
            .Paints.Single(p => p.Paint == "chalk-white").Grams);
        Assert.All(grams, g => Assert.InRange(g, 0.25, 0.75));
    }

    // Sunscreen is tested at 2 mg/cm² (ISO 24444, from memory), which feels thick: no coat of paint comes near twice that, none is nothing.
    [Fact]
    public void NoCoatIsThickerThanSunscreenOrNothing()
    {
        foreach (var look in Looks)
        {
            var planned = DemoWorld.Plan(look);
            foreach (var job in planned.InOrder.Where(j => !j.Hand.TakesNoPaint && FaceSupply.CoveredMm2(j) > 50))
            {
                var mg = 1000 * FaceSupply.Of(job, DemoWorld.Kit).Where(u => u.Pieces == 0).Sum(u => u.OnSkinMl * (u.Ml > 0 ? u.Grams / u.Ml : 1));
                var each = mg / (FaceSupply.CoveredMm2(job) / 100) / job.Coats;
                Assert.True(job.Mix.Shares.All(s => DemoWorld.Kit.Paints.First(p => p.Id == s.Paint).Material == Material.Gem) || each is > 0.01 and < 4, $"{look} {job.Key}: {each:0.00} mg/cm²");
            }
        }
    }

    // What is stirred in parts is taken in those parts, and nothing is lost or won by stirring.
    [Fact]
    public void PartsOfAMixAddUp()
    {
        PaintUse[] Of(params (string, double)[] mix) => [.. FaceSupply.Of(DemoWorld.PlanOf(Base(mix)), DemoWorld.Kit).Paints];
        var mixed = Of(("chalk-white", 3), ("tarn-black", 1));
        Assert.Equal(3, mixed.Single(u => u.Paint == "chalk-white").Ml / mixed.Single(u => u.Paint == "tarn-black").Ml, 6);
        var whole = Of(("chalk-white", 1), ("tarn-black", 1)).Sum(u => u.Ml);
        Assert.Equal(whole, Of(("chalk-white", 5), ("tarn-black", 5)).Sum(u => u.Ml), 9);
    }

    [Fact]
    public void EveryLookTakesOfEachOfItsPaintsAndOfNoOthers()
    {
        foreach (var look in Looks)
        {
            var (planned, uses) = (DemoWorld.Plan(look), FaceSupply.Of(DemoWorld.Plan(look), DemoWorld.Kit));
            string[] painted = [.. planned.InOrder.Where(j => !j.Hand.TakesNoPaint).SelectMany(j => j.Mix.Shares).Select(s => s.Paint).Distinct().Order()];
            Assert.Equal(painted, uses.Paints.Select(u => u.Paint).Order());
            Assert.All(uses.Paints, u => Assert.True(u.Ml >= u.OnSkinMl && u.OnSkinMl >= 0 && double.IsFinite(u.Grams), u.Paint));
            Assert.Equal(uses.Paints.Sum(u => u.Grams), planned.InOrder.SelectMany(j => FaceSupply.Of(j, DemoWorld.Kit)).Sum(u => u.Grams), 9);
        }
    }

    // One clean sponge for every colour (common practice); a brush is one brush.
    [Fact]
    public void SpongesGoByColourAndBrushesByHand()
    {
        var uses = FaceSupply.Of(DemoWorld.Plan("drowned-lamp-keeper"), DemoWorld.Kit);
        Assert.NotEmpty(uses.Tools);
        Assert.All(uses.Tools, t => Assert.True(t.EachTime > 0 ^ t.AtOnce > 0));
        Assert.All(uses.Tools.Where(t => t.Form == ToolForm.Round), t => Assert.Equal(1, t.AtOnce));
        var two = DemoWorld.PlanOf(Base(("chalk-white", 1)), DemoWorld.Part("cheekHollow"));
        var sponges = two.InOrder.Where(j => j.Hand.Tool.Form == ToolForm.Sponge).Select(j => j.Load).Distinct().Count();
        Assert.Equal(sponges, FaceSupply.Of(two, DemoWorld.Kit).Tools.Where(t => t.Form == ToolForm.Sponge).Sum(t => t.EachTime));
    }

    // Random looks: finite, not negative, and more parts never take less.
    [Fact]
    public void AnythingThatCanBePlannedCanBePacked()
    {
        for (var seed = 0; seed < 12; seed++)
        {
            var look = RandomLooks.Look(seed, DemoWorld.Kit);
            PlannedLook planned;
            try
            {
                planned = Planner.Plan(look, DemoWorld.FourFaces[seed % 4], DemoWorld.Bodies[DemoWorld.FourFaces[seed % 4].Id], DemoWorld.Kit, DemoWorld.Parade);
            }
            catch (PlanException)
            {
                continue;
            }

            var uses = FaceSupply.Of(planned, DemoWorld.Kit);
            Assert.All(uses.Paints, u => Assert.True(u.Ml >= 0 && u.Grams >= 0 && u.Pieces >= 0 && double.IsFinite(u.Ml + u.Grams), $"{seed} {u}"));
            Assert.InRange(uses.Paints.Sum(u => u.Grams), 0, 400);
        }
    }
}
