namespace Datura.Domain;

/// <summary>What is done with brushes between two faces.</summary>
public enum BrushSchool
{
    /// <summary>Rinsed and wiped, and used again at once.</summary>
    Wiped,

    /// <summary>Rinsed, wetted with alcohol of 70 %, and used again when dry.</summary>
    AlcoholBetween,

    /// <summary>A washed set for every face.</summary>
    SetForEveryFace,
}
