namespace Datura.Domain;

/// <summary>Ids of the usual tools, as kinds name what a coat usually goes on with.</summary>
public static class Tool
{
    public const string PencilLiner = "pencilLiner";
    public const string Sponge = "sponge";
    public const string HalfRoundSponge = "halfRoundSponge";
    public const string StippleSponge = "stippleSponge";
    public const string PetalSponge = "petalSponge";
    public const string SoftBrush = "softBrush";
    public const string Puff = "puff";
    public const string FlatBrush12 = "flatBrush12";
    public const string FlatBrush = "flatBrush";
    public const string FlatBrush25 = "flatBrush25";
    public const string Filbert = "filbert";
    public const string Dagger = "dagger";
    public const string Angled = "angled";
    public const string PetalBrush = "petalBrush";
    public const string Round0 = "round0";
    public const string Round1 = "round1";
    public const string Round2 = "round2";
    public const string Round3 = "round3";
    public const string Round4 = "round4";
    public const string Round5 = "round5";
    public const string Round6 = "round6";
    public const string Round8 = "round8";
    public const string Finger = "finger";
    public const string Spatula = "spatula";
    public const string Mesh = "mesh";
    public const string Card = "card";
}
