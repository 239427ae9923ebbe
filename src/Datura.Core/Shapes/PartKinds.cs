using Datura.Core.Shapes.Kinds;

namespace Datura.Core.Shapes;

/// <summary>Every kind of part there is.</summary>
public static class PartKinds
{
    public static IReadOnlyList<PartKind> All { get; } =
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
        new TempleHollow(),
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
        new Horns(),
        new LidEye(),
        new NostrilFlare(),
        new Scales(),
        new SmileLine(),
        new Stitches(),
        new Veins(),
        new Warts(),
        new Beak(),
        new EyePatch(),
        new FeatherRows(),
        new FurStrokes(),
        new Gills(),
        new LipOutline(),
        new Muzzle(),
        new NosePad(),
        new Spots(),
        new Stripes(),
        new WhiskerDots(),
        new Whiskers(),
        new DotRow(),
        new Flames(),
        new Flower(),
        new GemArc(),
        new PetalFan(),
        new PetalRing(),
        new Ribbon(),
        new Swirls(),
        new Teardrops(),
        new Web(),
        new EightLegs(),
        new GlowingOpening(),
        new GourdRibs(),
        new ReversedDrops(),
        new Tendrils(),
    ];

    /// <returns>The kind of that id, or null.</returns>
    public static PartKind? Find(string id) => All.FirstOrDefault(k => k.Id == id);
}
