namespace Datura.Domain;

/// <summary>What shades and lights go on with (schools: common practice).</summary>
public enum ShadeWith
{
    Powder,
    Wash,
    DrySponge,
}
