namespace Datura.Core.Shapes;

/// <summary>The stages of work, in their usual order (common practice).</summary>
public enum Stage
{
    Map,
    Base,
    Depth,
    BodyColour,
    Line,
    Highlight,
    Finish,
}

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

/// <summary>One coat that a kind lays: what it is called, when it goes on and with what.</summary>
/// <param name="Lightness">L* it usually wants; a new part takes the kit's nearest quiet paint.</param>
/// <param name="Optional">Left out when the part names no paint for it.</param>
/// <param name="GoesRound">Lines that only go round or along something; the first to go when time is short.</param>
public sealed record CoatRole(string Id, string Label, Stage Stage, Tool Tool, int Coats, double Lightness, bool Optional = false, bool GoesRound = false);
