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
        Straight("faceHeight", "Face height", "physiognomical face height", "Hairline to the underside of the chin, straight.", Heights, Landmark.Trichion, Landmark.Gnathion),
        Straight("lowerFaceHeight", "Lower face height", "morphological face height", "Nose root to the underside of the chin, straight.", Heights, Landmark.Sellion, Landmark.Gnathion),
        new("headHeight", "Head height", "vertex to gnathion", "From a book held level on the head to the underside of the chin, upright.", Heights, Caliper,
            new UprightReading(Landmark.Vertex, Landmark.Gnathion)),
        Straight("browHeight", "Brow height", "palpebrale superius to superciliare", "Edge of the closed upper lid to the highest point of the brow, left side.", Heights,
            Landmark.PalpebraleSuperius.Left, Landmark.BrowPeak.Left),
        Straight("noseHeight", "Nose height", "nose height", "Nose root to the base of the nose, straight.", Heights, Landmark.Sellion, Landmark.Subnasale),
        Straight("noseDepth", "Nose depth", "nasal tip protrusion", "Base of the nose to its tip, straight.", Heights, Landmark.Subnasale, Landmark.Pronasale),
        Straight("upperLipHeight", "Upper lip height", "upper lip height", "Base of the nose to where the lips meet.", Heights, Landmark.Subnasale, Landmark.MouthLine),
        Straight("lipHeight", "Lip height", "vermilion height", "Upper edge of the upper lip to lower edge of the lower lip, mouth closed.", Heights, Landmark.LabialeSuperius,
            Landmark.LabialeInferius),
        Straight("faceWidth", "Face width", "bizygomatic breadth", "Widest across the cheekbones, straight.", Widths, Landmark.Zygion.Right, Landmark.Zygion.Left),
        Straight("jawWidth", "Jaw width", "bigonial breadth", "Corner to corner of the jaw below the ears, straight.", Widths, Landmark.Gonion.Right, Landmark.Gonion.Left),
        Straight("foreheadWidth", "Forehead width", "minimum frontal breadth", "Between the narrowest points above the brows' outer ends.", Widths, Landmark.Frontotemporale.Right,
            Landmark.Frontotemporale.Left),
        Straight("headWidth", "Head width", "head breadth", "Widest across the skull above the ears, straight.", Widths, Landmark.Euryon.Right, Landmark.Euryon.Left),
        Straight("innerEyeDistance", "Inner eye distance", "intercanthal width", "Inner corner to inner corner of the eyes, straight.", Widths, Landmark.Endocanthion.Right,
            Landmark.Endocanthion.Left),
        Straight("outerEyeDistance", "Outer eye distance", "biocular width", "Outer corner to outer corner of the eyes, straight.", Widths, Landmark.Exocanthion.Right, Landmark.Exocanthion.Left),
        Straight("noseWidth", "Nose width", "nose width", "Widest across the nostril wings, without pressing.", Widths, Landmark.Alare.Right, Landmark.Alare.Left),
        Straight("mouthWidth", "Mouth width", "mouth width", "Corner to corner of the closed mouth, straight.", Widths, Landmark.Cheilion.Right, Landmark.Cheilion.Left),
        Straight("headLength", "Head length", "head length", "Between the brows to the farthest point at the back, straight.", Round, Landmark.Glabella, Landmark.Opisthocranion),
        new("headGirth", "Head girth", "head circumference", "Tape round the head just above the brows.", Round, Instrument.Tape, new GirthReading(50)),
        new("earToEar", "Ear to ear", "bitragion subnasale arc", "Tape from the front of one ear under the nose to the other.", Round, Instrument.Tape,
            new ArcReading(Landmark.Tragion.Right, Landmark.Subnasale, Landmark.Tragion.Left)),
        new("neckGirth", "Neck girth", "neck circumference", "Tape round the neck just below the larynx.", NeckAndChest, Instrument.Tape, new GirthReading(-140)),
        Straight("neckLength", "Neck length", "gnathion to suprasternale", "Underside of the chin to the notch between the collar bones, head level.", NeckAndChest, Landmark.Gnathion,
            Landmark.Suprasternale),
        Straight("shoulderWidth", "Shoulder width", "biacromial breadth", "Bone point to bone point across the shoulders, straight.", NeckAndChest, Landmark.Acromion.Right, Landmark.Acromion.Left),
        Straight("chestWidth", "Chest width", "chest breadth", "Straight across the chest a hand's breadth below the notch between the collar bones, arms hanging.", NeckAndChest,
            Landmark.ChestSide.Right, Landmark.ChestSide.Left),
        new("browDifference", "Left brow higher by", "superciliare, left less right",
            "Lay a straight edge level over the lower brow and measure up to the other. Negative when the right one is higher.", LeftAndRight, Caliper, new HeightDifference(Landmark.BrowPeak)),
        new("eyeDifference", "Left eye higher by", "exocanthion, left less right", "Outer corners, against a level straight edge. Negative when the right one is higher.", LeftAndRight,
            Caliper, new HeightDifference(Landmark.Exocanthion)),
        new("mouthDifference", "Left mouth corner higher by", "cheilion, left less right", "Closed, resting mouth against a level straight edge. Negative when the right one is higher.",
            LeftAndRight, Caliper, new HeightDifference(Landmark.Cheilion)),
        new("cheekboneDifference", "Left cheekbone farther out by", "sellion to zygion, left less right", "Nose root to the outermost point of the cheekbone, left less right.",
            LeftAndRight, Caliper, new ReachDifference(Landmark.Sellion, Landmark.Zygion)),
    ];

    /// <summary>Values of the mean adult, mm.</summary>
    public static IReadOnlyDictionary<string, double> Reference { get; } = All.ToDictionary(m => m.Id, m => Population.MeanMm(m.Id, Population.AdultYears));

    public static Measure? Find(string id) => All.FirstOrDefault(m => m.Id == id);

    private static Measure Straight(string id, string label, string term, string how, MeasureGroup group, Landmark from, Landmark to) =>
        new(id, label, term, how, group, Caliper, new StraightReading(from, to));
}
