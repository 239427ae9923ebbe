namespace Datura.Domain;

/// <summary>Where a caution is put right.</summary>
public enum CautionPlace
{
    /// <summary>At a part, or a place on the skin.</summary>
    Skin,
    Look,
    Face,

    /// <summary>The wearer's card.</summary>
    Card,
    Kit,
    Setting,
}
