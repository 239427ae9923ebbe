namespace Datura.Domain;

/// <summary>A named patch of skin, in the order in which the table of zones gives ground to the first match.</summary>
public enum Zone
{
    Lid,
    Lips,
    Nose,
    UpperLip,
    Orbit,
    Chin,
    Cheekbone,
    Temple,
    Forehead,
    CheekHollow,
    Jaw,
    Ear,
    UnderJaw,
    NeckFront,
    NeckSide,
    Collar,
    Sternum,
    Chest,
    Shoulder,
    Scalp,
    Nape,
    Back,
}
