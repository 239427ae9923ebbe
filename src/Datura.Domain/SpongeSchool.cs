namespace Datura.Domain;

/// <summary>How often a clean sponge is taken.</summary>
public enum SpongeSchool
{
    /// <summary>One for every colour and face.</summary>
    ColourAndFace,

    /// <summary>One for every face, its corners for the colours.</summary>
    Face,
}
