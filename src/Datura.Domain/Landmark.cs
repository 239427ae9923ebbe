namespace Datura.Domain;

/// <summary>A named anatomical point, by its standard anthropometric name where it has one; of a pair without a side, either.</summary>
/// <param name="Id">Name in tables and answers, for example cheilion_left.</param>
public readonly record struct Landmark(string Id)
{
    // Of the mid-line.
    public static readonly Landmark Vertex = new("vertex");
    public static readonly Landmark Trichion = new("trichion");
    public static readonly Landmark Glabella = new("glabella");
    public static readonly Landmark Sellion = new("sellion");
    public static readonly Landmark Pronasale = new("pronasale");
    public static readonly Landmark Subnasale = new("subnasale");
    public static readonly Landmark LabialeSuperius = new("labiale_superius");
    public static readonly Landmark MouthLine = new("mouth_line");
    public static readonly Landmark LabialeInferius = new("labiale_inferius");
    public static readonly Landmark Gnathion = new("gnathion");
    public static readonly Landmark Submentale = new("submentale");
    public static readonly Landmark ThyroidNotch = new("thyroid_notch");
    public static readonly Landmark Suprasternale = new("suprasternale");
    public static readonly Landmark Midsternale = new("midsternale");
    public static readonly Landmark Opisthocranion = new("opisthocranion");

    // One on either side.
    public static readonly Landmark Frontotemporale = new("frontotemporale");
    public static readonly Landmark BrowInner = new("brow_inner");
    public static readonly Landmark BrowPeak = new("brow_peak");
    public static readonly Landmark BrowOuter = new("brow_outer");
    public static readonly Landmark Endocanthion = new("endocanthion");
    public static readonly Landmark Exocanthion = new("exocanthion");
    public static readonly Landmark PalpebraleSuperius = new("palpebrale_superius");
    public static readonly Landmark PalpebraleInferius = new("palpebrale_inferius");
    public static readonly Landmark Cheekbone = new("cheekbone");
    public static readonly Landmark Zygion = new("zygion");
    public static readonly Landmark Tragion = new("tragion");
    public static readonly Landmark Alare = new("alare");
    public static readonly Landmark Cheilion = new("cheilion");
    public static readonly Landmark Gonion = new("gonion");
    public static readonly Landmark Euryon = new("euryon");
    public static readonly Landmark Mastoidale = new("mastoidale");
    public static readonly Landmark ClavicleInner = new("clavicle_inner");
    public static readonly Landmark ClavicleOuter = new("clavicle_outer");
    public static readonly Landmark Acromion = new("acromion");
    public static readonly Landmark ChestSide = new("chest_side");

    /// <summary>The wearer's left one of a pair.</summary>
    public Landmark Left => new(Id + "_left");

    public Landmark Right => new(Id + "_right");

    /// <summary>The same on the other side; a landmark of the mid-line is its own.</summary>
    public Landmark Mirrored => Id.EndsWith("_left", StringComparison.Ordinal) ? new(Id[..^5] + "_right") : Id.EndsWith("_right", StringComparison.Ordinal) ? new(Id[..^6] + "_left") : this;

    public override string ToString() => Id;
}
