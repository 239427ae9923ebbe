using Datura.Core.Shapes.Kinds;

namespace Datura.Core.Shapes;

/// <summary>Every kind of part there is.</summary>
public static class PartKinds
{
    public static IReadOnlyList<PartKind> All { get; private set; } =
    [
        new SkinBase(),
        new Socket(),
        new NoseCavity(),
        new CheekHollow(),
        new ToothRow(),
        new CrackCluster(),
        new BrowShadow(),
        new CollarBones(),
        new JawEdge(),
        new NeckVertebrae(),
        new Ribs(),
        new StretchedMouth(),
        new TempleHollow(),
        new FreeLight(),
        new NoseShading(),
        new BigMouth(),
        new Bolts(),
        new ChinArc(),
        new ClawWound(),
        new CrowsFeet(),
        new Drips(),
        new EyeBag(),
        new Fangs(),
        new ForeheadLines(),
        new FurrowedBrow(),
        new Goatee(),
        new HangingHair(),
        new Horns(),
        new LidEye(),
        new NostrilFlare(),
        new MouthCorner(),
        new PullLines(),
        new PointedEar(),
        new Scales(),
        new SmileLine(),
        new Splatter(),
        new Stitches(),
        new Veins(),
        new Warts(),
        new Beak(),
        new EyePatch(),
        new EyeRing(),
        new FeatherRows(),
        new FurStrokes(),
        new BrowEars(),
        new PaintedBrow(),
        new Lashes(),
        new Gills(),
        new LipOutline(),
        new Muzzle(),
        new NosePad(),
        new Spots(),
        new Stripes(),
        new WhiskerDots(),
        new Whiskers(),
        new DotRow(),
        new DropCrest(),
        new Flames(),
        new Flower(),
        new GemArc(),
        new PetalFan(),
        new PetalRing(),
        new Ribbon(),
        new Sprigs(),
        new Swirls(),
        new Teardrops(),
        new Web(),
        new SmallGourd(),
        new CutCard(),
        new EightLegs(),
        new Crab(),
        new ExtraFace(),
        new GlowingOpening(),
        new GourdRibs(),
        new FlowerSpray(),
        new ReversedDrops(),
        new Roots(),
        new Tendrils(),
        new OwnLine(),
        new FigureEdge(),
        new MotifKind(),
    ];

    /// <summary>One more kind for as long as the answer is not disposed of; for tests of what follows from a kind by itself.</summary>
    internal static IDisposable With(PartKind kind)
    {
        var before = All;
        All = [.. before, kind];
        return new Without(before);
    }

    private sealed class Without(IReadOnlyList<PartKind> before) : IDisposable
    {
        public void Dispose() => All = before;
    }

    /// <returns>The kind of that id, or null.</returns>
    public static PartKind? Find(string id) => All.FirstOrDefault(k => k.Id == id);
}
