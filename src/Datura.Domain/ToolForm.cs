namespace Datura.Domain;

/// <summary>What a tool is like, which decides what can be done with it.</summary>
public enum ToolForm
{
    Sponge,
    HalfRoundSponge,
    StippleSponge,
    PetalSponge,
    Round,
    Flat,
    Filbert,
    Dagger,
    Angled,
    PetalBrush,
    SoftBrush,
    Puff,
    Pencil,
    Finger,
    Spatula,
    Mesh,
    Card,
}
