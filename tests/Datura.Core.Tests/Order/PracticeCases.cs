namespace Datura.Core.Tests.Order;

/// <summary>
/// Ten ways of working as practised hands work them (common practice): order, tools, water, stages and, where they are known, minutes. The
/// creatures are the lantern walk's. Nobody waits for paint to dry here.
/// </summary>
internal static class PracticeCases
{
    private const string Dark = "tarn-black";
    private const string Light = "bone";
    private const string White = "chalk-white";
    private const string Red = "beacon-red";
    private const string Powder = "fog-shade";

    private static readonly string[] WholeFace = ["forehead", "temple", "orbit", "cheekbone", "cheek hollow", "nose", "upper lip", "chin", "jaw"];
    private static readonly Face Adult = DemoWorld.FourFaces[0];
    private static readonly Face Child = DemoWorld.FourFaces[3];

    /// <summary>A: four marks on a cheek, in three lengths.</summary>
    public static PracticeCase ClawMarks { get; } = new("claw marks", Adult, Of(
        [new("Marks", []), new("Shreds", ["shreds"]), new("Rim", ["rim"])],
        [new("marks/deep", "soft/line")],
        Painted("clawWound", "soft", Sides.Left, ("line", Powder, Hand("filbert", Technique.DryBrush, Water.Dry))).Twice("line").With(("count", 4), ("length", 70)),
        Painted("clawWound", "marks", Sides.Left, ("deep", $"{Red} {Dark}", Hand("round5") with { Split = new(0.3, 90, false, false, 0), MarksPerLoad = 4 })).With(("count", 4), ("length", 70)),
        Painted("clawWound", "shreds", Sides.Left, ("light", Light, Hand("round2"))).Twice("light").With(("count", 4), ("length", 70)),
        Painted("clawWound", "rim", Sides.Left, ("line", Light, Hand("round2"))).Twice("line").With(("count", 4), ("length", 70))), 120, 160, 193);

    /// <summary>B: a beast on a child, white over brown, then one brush.</summary>
    public static PracticeCase Beast { get; } = new("beast", Child, Of(
        [],
        [new("pale/ground", "coat/ground")],
        Painted("skinBase", "coat", Sides.Both, ("ground", "rust", Hand("sponge"))).On(WholeFace),
        Painted("skinBase", "pale", Sides.Both, ("ground", White, Hand("stippleSponge"))).On("cheek hollow", "nose", "chin"),
        Painted("furStrokes", "brows", Sides.Both, ("line", Dark, Hand("round3", Technique.Flick))).Saying("along", "brow").With(("count", 12)),
        Painted("nostrilFlare", "nostrils", Sides.Both, ("line", Dark, Hand("round3"))),
        Painted("nosePad", "nose", Sides.Both, ("pad", Dark, Hand("round3")), ("line", Dark, Hand("round3"))),
        Painted("whiskerDots", "dots", Sides.Both, ("line", Dark, Hand("round3"))).With(("count", 3)),
        Painted("smileLine", "moons", Sides.Both, ("line", Dark, Hand("round3"))),
        Painted("muzzle", "muzzle", Sides.Both, ("line", Dark, Hand("round3"))),
        Painted("lipOutline", "lips", Sides.Both, ("lip", "rust", Hand("round3")), ("line", Dark, Hand("round3"))),
        Painted("skinBase", "lids", Sides.Both, ("ground", Dark, Hand("round5", Technique.Stroke))).On("lid"),
        Painted("fangs", "fangs", Sides.Both, ("tooth", White, Hand("round3")), ("line", Dark, Hand("round3"))),
        Painted("hangingHair", "hair", Sides.Both, ("line", Dark, Hand("round3", Technique.Flick))).With(("count", 4), ("length", 40))), 330);

    /// <summary>C: a pale stage face, its base done before, and an eye on the lid only if it is wished for.</summary>
    public static PracticeCase StageFace { get; } = new("stage face", Adult, Of(
        [new("First", []), new("Eye on the lid", ["eye"])],
        [],
        Painted("skinBase", "lids", Sides.Both, ("ground", Powder, Hand("softBrush", Technique.Buff, Water.Dry))).Twice("ground").On("lid"),
        Painted("smileLine", "folds", Sides.Both, ("line", Powder, Hand("filbert", Technique.DryBrush, Water.Dry))).Twice("line"),
        Painted("chinArc", "arc", Sides.Both, ("shade", Powder, Hand("filbert", Technique.DryBrush, Water.Dry))).Twice("shade"),
        Painted("cheekHollow", "blend", Sides.Both, ("shade", Powder, Hand("softBrush", Technique.Buff, Water.Dry))),
        Painted("crackCluster", "cracks", Sides.Both, ("line", Dark, Hand("round1"))).Saying("from", "forehead"),
        Painted("lipOutline", "lips", Sides.Both, ("lip", Red, Hand("round2")), ("line", Red, Hand("round2"))),
        Painted("stretchedMouth", "curve", Sides.Both, ("line", Red, Hand("round2"))),
        Painted("browShadow", "above", Sides.Both, ("shade", Red, Hand("round2"))),
        Painted("nosePad", "tip", Sides.Both, ("pad", Red, Hand("round2", Technique.PressAndLift))),
        Painted("crowsFeet", "wrinkles", Sides.Both, ("line", Dark, Hand("round1"))),
        Painted("eyeBag", "bags", Sides.Both, ("line", Dark, Hand("round1"))),
        Painted("furrowedBrow", "brow", Sides.Both, ("line", Dark, Hand("round1"))),
        Painted("foreheadLines", "forehead", Sides.Both, ("line", Dark, Hand("round1"))),
        Painted("lidEye", "eye", Sides.Both, ("ball", "lantern-yellow", Hand("round5")), ("iris", "kelp-green", Hand("round3")), ("line", Dark, Hand("round1")), ("light", White, Hand("round1")))), 420);

    /// <summary>D: a festive mask by one flat brush that is loaded anew for every crisp drop, and longer with black.</summary>
    public static PracticeCase FestiveMask { get; } = new("festive mask", Adult, Of(
        [new("Short", []), new("With black", ["black", "swirl"])],
        [],
        Painted("eyePatch", "mask", Sides.Both, ("patch", "pearl", Hand("halfRoundSponge", Technique.Stipple))).With(("past", 25), ("above", 20)),
        Painted("dropCrest", "crest", Sides.Both, ("drop", Sunset, Crisp)).With(("count", 3)),
        Painted("ribbon", "ribbon", Sides.Both, ("ribbon", Sunset, Crisp)),
        Painted("teardrops", "drops", Sides.Both, ("drop", Sunset, Crisp)).With(("count", 2)),
        Painted("teardrops", "black", Sides.Both, ("drop", Dark, Hand("round3"))).With(("count", 6), ("length", 20)),
        Painted("swirls", "swirl", Sides.Both, ("line", Dark, Hand("round3"))).With(("count", 1))), 270, 360);

    /// <summary>E: lids and webs on a child.</summary>
    public static PracticeCase LidsAndWebs { get; } = new("lids and webs", Child, Of([], [], Lids, Webs,
        Painted("dotRow", "dots", Sides.Both, ("dot", Dark, Hand("round1"))).With(("count", 6)),
        Painted("eightLegs", "creature", Sides.Left, ("body", Dark, Hand("round1")), ("line", Dark, Hand("round1")), ("light", White, Hand("round1"))).With(("body", 12)),
        Painted("lipOutline", "lips", Sides.Both, ("lip", "coral", Hand("round3")))), 265);

    public static PracticeCase LidsAlone { get; } = new("lids alone", Child, Of([], [], Lids), 50);

    public static PracticeCase WebsAlone { get; } = new("webs alone", Child, Of([], [], Webs), 75);

    /// <summary>F: a stroke rose; its leaves begin behind the petals, metal runs over all, and lost edges are drawn anew.</summary>
    public static PracticeCase Rose { get; } = new("rose", Adult, Of(
        [],
        [new("rose/leaf", "rose/petal"), new("metal/petal", "rose/leaf"), new("metal/petal", "rose/petal"), new("rose/line", "metal/petal")],
        Painted("flower", "rose", Sides.Left,
            ("leaf", "kelp-green verdigris", Hand("flatBrush") with { Split = new(0.5, 90, false, false, 0) }),
            ("petal", $"{Dark} {White}", Hand("dagger", Technique.PressAndLift) with { Split = new(0.5, 90, false, false, 0), MarksPerLoad = 1 }), ("line", White, Hand("round1"))),
        Painted("flower", "metal", Sides.Left, ("petal", "pearl", Hand("round5", Technique.Drip, Water.Runny)))));

    /// <summary>G: a creature with one thin brush and a powder; its shadow before the legs, each leg's after them.</summary>
    public static PracticeCase EightLegs { get; } = new("eight legs", Adult, Of(
        [],
        [new("legs/line", "creature/shadow"), new("after/legShadow", "legs/line"), new("lights/light", "after/legShadow")],
        Painted("eightLegs", "creature", Sides.Left, ("body", Dark, Hand("round1")), ("shadow", Powder, Hand("finger", Technique.FingerBlend, Water.Dry))),
        Painted("eightLegs", "legs", Sides.Left, ("line", Dark, Hand("round1"))),
        Painted("eightLegs", "after", Sides.Left, ("legShadow", Powder, Hand("finger", Technique.FingerBlend, Water.Dry))),
        Painted("eightLegs", "lights", Sides.Left, ("light", White, Hand("round1", Technique.DryBrush, Water.Dry)))));

    /// <summary>H: gourds with few supplies: one split sponge, a flat, one brush for all the black, a shade pulled out of it, white at the end.</summary>
    public static PracticeCase Gourds { get; } = new("gourds", Child, Of(
        [],
        [new("under/shade", "eyes/line")],
        Painted("skinBase", "ground", Sides.Both, ("ground", "kelp-green rust lantern-yellow", Hand("sponge") with { Split = new(0.7, 0, true, true, 0) })).On(WholeFace),
        Painted("gourdRibs", "ribs", Sides.Both, ("shade", "verdigris", Hand("flatBrush12"))),
        Painted("bolts", "bolts", Sides.Both, ("metal", "pearl", Hand("round5"))),
        Painted("furStrokes", "hair", Sides.Both, ("line", Dark, Hand("round3", Technique.Flick))).Saying("along", "brow"),
        Painted("stitches", "stitches", Sides.Both, ("line", Dark, Hand("round3"))),
        Painted("stretchedMouth", "mouth", Sides.Both, ("line", Dark, Hand("round3"))),
        Painted("eyeBag", "eyes", Sides.Both, ("line", Dark, Hand("round3"))),
        Painted("eyeBag", "under", Sides.Both, ("shade", Dark, Hand("flatBrush12", Technique.PullOut, Water.Damp))),
        Painted("warts", "lights", Sides.Both, ("light", White, Hand("round1")))));

    /// <summary>I: hair strokes along hairline, brows and chin.</summary>
    public static PracticeCase HairStrokes { get; } = new("hair strokes", Adult, Of(
        [],
        [],
        Painted("furStrokes", "hairline", Sides.Both, ("line", Dark, Hand("round3", Technique.Flick))).Saying("along", "temple").With(("count", 30)),
        Painted("furStrokes", "brows", Sides.Both, ("line", Dark, Hand("round3", Technique.Flick))).Saying("along", "brow").With(("count", 20)),
        Painted("goatee", "beard", Sides.Both, ("line", Dark, Hand("round3", Technique.Flick))).With(("count", 16))), 195);

    /// <summary>J: a glowing gourd that may stop wherever the wearer has had enough.</summary>
    public static PracticeCase Glow { get; } = new("glowing gourd", Child, Of(
        [new("Oval", []), new("Openings", ["eyes"]), new("Ribs", ["ribs"]), new("Teeth", ["teeth"])],
        [],
        Painted("skinBase", "oval", Sides.Both, ("ground", "rust", Hand("sponge", Technique.Dab, Water.Dry))).On("forehead", "nose", "cheekbone", "cheek hollow", "upper lip", "chin"),
        Painted("glowingOpening", "eyes", Sides.Both, ("outer", "lantern-yellow", Hand("filbert")), ("core", White, Hand("round3"))),
        Painted("gourdRibs", "ribs", Sides.Both, ("shade", Dark, Hand("flatBrush12", Technique.Stroke, Water.Runny))),
        Painted("toothRow", "teeth", Sides.Both, ("tooth", White, Hand("round3")), ("line", Dark, Hand("round1")))));

    public static PracticeCase EyePatches { get; } = new("eye patches", Adult, Of([], [], Painted("eyePatch", "patch", Sides.Both, ("patch", Dark, Hand()))), 70);

    public static IReadOnlyList<PracticeCase> All { get; } =
        [ClawMarks, Beast, StageFace, FestiveMask, LidsAndWebs, LidsAlone, WebsAlone, Rose, EightLegs, Gourds, HairStrokes, Glow, EyePatches];

    /// <summary>One of each way of working; tests/practice builds them in the browser, from a blank look.</summary>
    public static IReadOnlyList<PracticeCase> Ten { get; } = [ClawMarks, Beast, StageFace, FestiveMask, LidsAndWebs, Rose, EightLegs, Gourds, HairStrokes, Glow];

    private const string Sunset = "lantern-yellow coral beacon-red";

    private static CoatLay Crisp => Hand("flatBrush") with { Split = new(0.6, 90, true, false, 0), MarksPerLoad = 1 };

    private static Part Lids => Painted("skinBase", "lids", Sides.Both, ("ground", $"{White} lantern-yellow mussel-blue", Hand("sponge") with { Split = new(0.8, 0, true, false, 0) })).On("lid");

    private static Part Webs => Painted("web", "webs", Sides.Both, ("line", Dark, Hand("round1")));

    private static CoatLay Hand(string? tool = null, Technique? technique = null, Water? water = null) => CoatLay.Usual with { Tool = tool, Technique = technique, Water = water, Ground = Ground.StraightOn };

    private static Look Of(LookStage[] stages, CoatOver[] over, params Part[] parts) =>
        new("Practice", "", Mapping.Freehand, parts, Order: over.Length > 0 ? OrderWish.Usual with { Over = over } : null, Stages: stages.Length > 0 ? stages : null);

    // Paints are named one after the other; one coat of each.
    private static Part Painted(string kind, string id, Sides sides, params (string Role, string Paints, CoatLay Lay)[] coats) => DemoWorld.Part(kind) with
    {
        Id = id,
        Sides = sides,
        Reserved = false,
        Paints = coats.ToDictionary(c => c.Role, c => new PaintMix([.. c.Paints.Split(' ').Select(p => new PaintShare(p, 1))])),
        Laid = coats.ToDictionary(c => c.Role, c => c.Lay),
        Coats = coats.ToDictionary(c => c.Role, _ => 1),
    };

    private static Part Twice(this Part part, string role) => part with { Coats = new Dictionary<string, int>(part.Coats) { [role] = 2 } };

    private static Part With(this Part part, params (string Id, double Value)[] numbers) => part with { Numbers = numbers.ToDictionary(n => n.Id, n => n.Value) };

    private static Part Saying(this Part part, string id, string word) => part with { Words = new Dictionary<string, string> { [id] = word } };

    private static Part On(this Part part, params string[] zones) => part with { Zones = new Dictionary<string, IReadOnlyList<string>> { ["zones"] = zones } };
}
