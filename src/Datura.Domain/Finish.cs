namespace Datura.Domain;

/// <summary>How it looks when dry.</summary>
public enum Finish
{
    Matt,
    Satin,
    Pearl,
    Metal,
    Sparkle,
}
