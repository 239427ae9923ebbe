using static Datura.Core.Body.Instrument;
using static Datura.Core.Body.MeasureGroup;

namespace Datura.Core.Body;

/// <summary>
/// The measures that shape a body. Terms and definitions: Farkas, Anthropometry of the Head and Face (1994) and ISO 7250-1
/// (names, definitions and ranges from memory). Limits are wide enough for small children and large adults.
/// </summary>
public static class Measures
{
    public static IReadOnlyList<Measure> All { get; } =
    [
        Straight("faceHeight", "Face height", "physiognomical face height", "Hairline to the underside of the chin, straight.", Heights, "trichion", "gnathion", 120, 240, 158, 204),
        Straight("lowerFaceHeight", "Lower face height", "morphological face height", "Nose root to the underside of the chin, straight.", Heights, "sellion", "gnathion", 75, 160, 102, 136),
        Straight("headHeight", "Head height", "vertex to gnathion", "Top of the head to the underside of the chin, straight.", Heights, "vertex", "gnathion", 150, 320, 200, 250),
        Straight("browHeight", "Brow height", "palpebrale superius to superciliare", "Edge of the closed upper lid to the highest point of the brow, left side.", Heights, "palpebrale_superius_left", "brow_peak_left", 8, 40, 14, 28),
        Straight("noseHeight", "Nose height", "nose height", "Nose root to the base of the nose, straight.", Heights, "sellion", "subnasale", 25, 80, 44, 62),
        Straight("noseDepth", "Nose depth", "nasal tip protrusion", "Base of the nose to its tip, straight.", Heights, "subnasale", "pronasale", 8, 32, 15, 24),
        Straight("upperLipHeight", "Upper lip height", "upper lip height", "Base of the nose to where the lips meet.", Heights, "subnasale", "mouth_line", 9, 38, 16, 27),
        Straight("lipHeight", "Lip height", "vermilion height", "Upper edge of the upper lip to lower edge of the lower lip, mouth closed.", Heights, "labiale_superius", "labiale_inferius", 6, 38, 12, 26),
        Straight("faceWidth", "Face width", "bizygomatic breadth", "Widest across the cheekbones, straight.", Widths, "zygion_right", "zygion_left", 90, 180, 120, 150),
        Straight("jawWidth", "Jaw width", "bigonial breadth", "Corner to corner of the jaw below the ears, straight.", Widths, "gonion_right", "gonion_left", 60, 160, 84, 120),
        Straight("foreheadWidth", "Forehead width", "minimum frontal breadth", "Between the narrowest points above the brows' outer ends.", Widths, "frontotemporale_right", "frontotemporale_left", 70, 160, 100, 128),
        Straight("headWidth", "Head width", "head breadth", "Widest across the skull above the ears, straight.", Widths, "euryon_right", "euryon_left", 105, 200, 134, 164),
        Straight("innerEyeDistance", "Inner eye distance", "intercanthal width", "Inner corner to inner corner of the eyes, straight.", Widths, "endocanthion_right", "endocanthion_left", 18, 52, 27, 39),
        Straight("outerEyeDistance", "Outer eye distance", "biocular width", "Outer corner to outer corner of the eyes, straight.", Widths, "exocanthion_right", "exocanthion_left", 60, 125, 81, 97),
        Straight("noseWidth", "Nose width", "nose width", "Widest across the nostril wings, without pressing.", Widths, "alare_right", "alare_left", 18, 60, 27, 45),
        Straight("mouthWidth", "Mouth width", "mouth width", "Corner to corner of the closed mouth, straight.", Widths, "cheilion_right", "cheilion_left", 30, 85, 43, 61),
        Straight("headLength", "Head length", "head length", "Between the brows to the farthest point at the back, straight.", Round, "glabella", "opisthocranion", 130, 240, 175, 212),
        new("headGirth", "Head girth", "head circumference", "Tape round the head just above the brows.", Round, Instrument.Tape, new GirthReading(50), 430, 680, 517, 605),
        new("earToEar", "Ear to ear", "bitragion subnasale arc", "Tape from the front of one ear under the nose to the other.", Round, Instrument.Tape, new ArcReading("tragion_right", "subnasale", "tragion_left"), 190, 380, 250, 320),
        new("neckGirth", "Neck girth", "neck circumference", "Tape round the neck just below the larynx.", NeckAndChest, Instrument.Tape, new GirthReading(-140), 210, 560, 296, 420),
        Straight("neckLength", "Neck length", "gnathion to suprasternale", "Underside of the chin to the notch between the collar bones, head level.", NeckAndChest, "gnathion", "suprasternale", 45, 150, 70, 120),
        Straight("shoulderWidth", "Shoulder width", "biacromial breadth", "Bone point to bone point across the shoulders, straight.", NeckAndChest, "acromion_right", "acromion_left", 220, 520, 330, 450),
        Straight("chestWidth", "Chest width", "chest breadth", "Straight across the chest a hand's breadth below the notch between the collar bones, arms hanging.", NeckAndChest, "chest_side_right", "chest_side_left", 160, 460, 230, 360),
        new("browDifference", "Left brow higher by", "superciliare, left less right", "Lay a straight edge level over the lower brow and measure up to the other. Negative when the right one is higher.", LeftAndRight, Caliper, new HeightDifference("brow_peak"), -12, 12, -3, 3),
        new("eyeDifference", "Left eye higher by", "exocanthion, left less right", "Outer corners, against a level straight edge. Negative when the right one is higher.", LeftAndRight, Caliper, new HeightDifference("exocanthion"), -10, 10, -3, 3),
        new("mouthDifference", "Left mouth corner higher by", "cheilion, left less right", "Closed, resting mouth against a level straight edge. Negative when the right one is higher.", LeftAndRight, Caliper, new HeightDifference("cheilion"), -14, 14, -3, 3),
        new("cheekboneDifference", "Left cheekbone farther out by", "sellion to zygion, left less right", "Nose root to the outermost point of the cheekbone, left less right.", LeftAndRight, Caliper, new ReachDifference("sellion", "zygion"), -14, 14, -4, 4),
    ];

    /// <summary>Values on the reference body, mm.</summary>
    public static IReadOnlyDictionary<string, double> Reference { get; } =
        All.ToDictionary(m => m.Id, m => Math.Round(m.On(ReferenceSkin.Skin), 9));

    public static Measure? Find(string id) => All.FirstOrDefault(m => m.Id == id);

    private static Measure Straight(
        string id, string label, string term, string how, MeasureGroup group, string from, string to,
        double least, double most, double typicalLow, double typicalHigh) =>
        new(id, label, term, how, group, Caliper, new StraightReading(from, to), least, most, typicalLow, typicalHigh);
}
