namespace Datura.Domain;

/// <summary>What paint goes on with.</summary>
public enum Tool
{
    PencilLiner,
    Sponge,
    HalfRoundSponge,
    SoftBrush,
    FlatBrush,
    Filbert,
    Round1,
    Round3,
    Round5,
    Round6,
}
