namespace Datura.Domain;

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
