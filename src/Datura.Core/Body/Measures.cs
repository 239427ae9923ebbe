using static Datura.Core.Body.Instrument;
using static Datura.Core.Body.MeasureGroup;

namespace Datura.Core.Body;

/// <summary>
/// The measures that shape a body. Terms and definitions: Farkas, Anthropometry of the Head and Face (1994) and ISO 7250-1
/// (names and definitions from memory). What is usual, and what no person has, follows from <see cref="Population"/>.
/// </summary>
public static class Measures
{
    public static IReadOnlyList<Measure> All { get; } =
    [
        Straight("faceHeight", "Face height", "physiognomical face height", "Hairline to the underside of the chin, straight.", Heights, "trichion", "gnathion"),
        Straight("lowerFaceHeight", "Lower face height", "morphological face height", "Nose root to the underside of the chin, straight.", Heights, "sellion", "gnathion"),
        new("headHeight", "Head height", "vertex to gnathion", "From a book held level on the head to the underside of the chin, upright.", Heights, Caliper, new UprightReading("vertex", "gnathion")),
        Straight("browHeight", "Brow height", "palpebrale superius to superciliare", "Edge of the closed upper lid to the highest point of the brow, left side.", Heights, "palpebrale_superius_left", "brow_peak_left"),
        Straight("noseHeight", "Nose height", "nose height", "Nose root to the base of the nose, straight.", Heights, "sellion", "subnasale"),
        Straight("noseDepth", "Nose depth", "nasal tip protrusion", "Base of the nose to its tip, straight.", Heights, "subnasale", "pronasale"),
        Straight("upperLipHeight", "Upper lip height", "upper lip height", "Base of the nose to where the lips meet.", Heights, "subnasale", "mouth_line"),
        Straight("lipHeight", "Lip height", "vermilion height", "Upper edge of the upper lip to lower edge of the lower lip, mouth closed.", Heights, "labiale_superius", "labiale_inferius"),
        Straight("faceWidth", "Face width", "bizygomatic breadth", "Widest across the cheekbones, straight.", Widths, "zygion_right", "zygion_left"),
        Straight("jawWidth", "Jaw width", "bigonial breadth", "Corner to corner of the jaw below the ears, straight.", Widths, "gonion_right", "gonion_left"),
        Straight("foreheadWidth", "Forehead width", "minimum frontal breadth", "Between the narrowest points above the brows' outer ends.", Widths, "frontotemporale_right", "frontotemporale_left"),
        Straight("headWidth", "Head width", "head breadth", "Widest across the skull above the ears, straight.", Widths, "euryon_right", "euryon_left"),
        Straight("innerEyeDistance", "Inner eye distance", "intercanthal width", "Inner corner to inner corner of the eyes, straight.", Widths, "endocanthion_right", "endocanthion_left"),
        Straight("outerEyeDistance", "Outer eye distance", "biocular width", "Outer corner to outer corner of the eyes, straight.", Widths, "exocanthion_right", "exocanthion_left"),
        Straight("noseWidth", "Nose width", "nose width", "Widest across the nostril wings, without pressing.", Widths, "alare_right", "alare_left"),
        Straight("mouthWidth", "Mouth width", "mouth width", "Corner to corner of the closed mouth, straight.", Widths, "cheilion_right", "cheilion_left"),
        Straight("headLength", "Head length", "head length", "Between the brows to the farthest point at the back, straight.", Round, "glabella", "opisthocranion"),
        new("headGirth", "Head girth", "head circumference", "Tape round the head just above the brows.", Round, Instrument.Tape, new GirthReading(50)),
        new("earToEar", "Ear to ear", "bitragion subnasale arc", "Tape from the front of one ear under the nose to the other.", Round, Instrument.Tape, new ArcReading("tragion_right", "subnasale", "tragion_left")),
        new("neckGirth", "Neck girth", "neck circumference", "Tape round the neck just below the larynx.", NeckAndChest, Instrument.Tape, new GirthReading(-140)),
        Straight("neckLength", "Neck length", "gnathion to suprasternale", "Underside of the chin to the notch between the collar bones, head level.", NeckAndChest, "gnathion", "suprasternale"),
        Straight("shoulderWidth", "Shoulder width", "biacromial breadth", "Bone point to bone point across the shoulders, straight.", NeckAndChest, "acromion_right", "acromion_left"),
        Straight("chestWidth", "Chest width", "chest breadth", "Straight across the chest a hand's breadth below the notch between the collar bones, arms hanging.", NeckAndChest, "chest_side_right", "chest_side_left"),
        new("browDifference", "Left brow higher by", "superciliare, left less right", "Lay a straight edge level over the lower brow and measure up to the other. Negative when the right one is higher.", LeftAndRight, Caliper, new HeightDifference("brow_peak")),
        new("eyeDifference", "Left eye higher by", "exocanthion, left less right", "Outer corners, against a level straight edge. Negative when the right one is higher.", LeftAndRight, Caliper, new HeightDifference("exocanthion")),
        new("mouthDifference", "Left mouth corner higher by", "cheilion, left less right", "Closed, resting mouth against a level straight edge. Negative when the right one is higher.", LeftAndRight, Caliper, new HeightDifference("cheilion")),
        new("cheekboneDifference", "Left cheekbone farther out by", "sellion to zygion, left less right", "Nose root to the outermost point of the cheekbone, left less right.", LeftAndRight, Caliper, new ReachDifference("sellion", "zygion")),
    ];

    /// <summary>Values of the mean adult, mm.</summary>
    public static IReadOnlyDictionary<string, double> Reference { get; } = All.ToDictionary(m => m.Id, m => Population.MeanMm(m.Id, Population.AdultYears));

    public static Measure? Find(string id) => All.FirstOrDefault(m => m.Id == id);

    private static Measure Straight(string id, string label, string term, string how, MeasureGroup group, string from, string to) =>
        new(id, label, term, how, group, Caliper, new StraightReading(from, to));
}
