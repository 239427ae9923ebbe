using Datura.Core.Hands;
using Datura.Core.Paint;

namespace Datura.Core.Order;

/// <summary>Predicted colours: each coat over whatever the steps before it have laid at its place, on this skin.</summary>
public sealed class CoatColours
{
    /// <summary>ΔE00 below which the skin counts as hidden (about twice the just visible step; common practice).</summary>
    public const double HiddenDeltaE = 2;

    private const int MostCoats = 8;

    private readonly PaintStack skin;
    private readonly Kit kit;
    private readonly double wetLifts;
    private readonly Dictionary<CoatJob, PaintStack> stacks = new(ReferenceEqualityComparer.Instance);
    private readonly Dictionary<CoatJob, Lab> seen = new(ReferenceEqualityComparer.Instance);
    private readonly Dictionary<CoatJob, double> smears = new(ReferenceEqualityComparer.Instance);
    private readonly Dictionary<CoatJob, CoatJob?> under = new(ReferenceEqualityComparer.Instance);
    private readonly Dictionary<(string, int), double> shows = [];

    /// <param name="wetLifts">Share of a water-based film that a wet brush takes along.</param>
    public CoatColours(Lab skinTone, Kit kit, IReadOnlyList<Step> steps, double wetLifts = 0)
    {
        (this.kit, this.wetLifts) = (kit, wetLifts);
        skin = PaintStack.OnSkin(skinTone);
        var laid = new List<CoatJob>();
        foreach (var job in steps.SelectMany(s => s.Jobs))
        {
            // A map's lines enclose figures but lie under none of their middles.
            var beneath = laid.Where(j => j.Role.Stage != Stage.Map && j.Footprint.Covers(job.Footprint.Inside)).ToArray();
            under[job] = beneath.Length > 0 ? beneath[^1] : null;
            var ground = beneath.Aggregate(skin, (stack, j) => On(stack, j, j.Main));
            stacks[job] = On(ground, job, job.Main);
            if (job.Lay.Ground != Ground.Dry && beneath.Length > 0)
            {
                smears[job] = ColourDifference.DeltaE00(stacks[job].Colour(), On(ground, job with { Lay = job.Lay with { Ground = Ground.Dry } }, job.Main).Colour());
            }

            seen[job] = stacks[job].Colour();
            laid.Add(job);
        }

        InOrder = laid;
    }

    /// <summary>The coats as they are laid, the first on the skin.</summary>
    public IReadOnlyList<CoatJob> InOrder { get; }

    /// <summary>Whether nothing is seen of a coat where another lies over it.</summary>
    public bool Hides(CoatJob upper, CoatJob lower) =>
        ColourDifference.DeltaE00(On(stacks[lower], upper, upper.Main).Colour(), On(skin, upper, upper.Main).Colour()) < HiddenDeltaE;

    public Lab Of(CoatJob job) => seen[job];

    /// <summary>ΔE00 between a coat that does not wait for its ground and the same coat on dry ground; 0 when it waits.</summary>
    public double Smear(CoatJob job) => smears.GetValueOrDefault(job);

    /// <summary>The colours one sees of it by themselves on bare skin: one, or each of a split load.</summary>
    public IReadOnlyList<Lab> EachOnBareSkin(CoatJob job) => [.. job.Colours.Select(c => skin.With(PaintOptics.Of(c, kit), FilmUm(job)).Colour())];

    /// <summary>The coat by itself on bare skin, as when its area is reserved.</summary>
    public Lab OnBareSkin(CoatJob job) => skin.With(PaintOptics.Of(job.Main, kit), FilmUm(job)).Colour();

    /// <summary>Skin and films at the middle of a coat, the coat itself on top.</summary>
    public PaintStack StackOf(CoatJob job) => stacks[job];

    /// <summary>The coat right beneath the middle of another; null on bare skin.</summary>
    public CoatJob? Under(CoatJob job) => under[job];

    /// <summary>Dry film of all coats of a job, µm.</summary>
    public double FilmUm(CoatJob job) => job.Coats * CoatFilm.Um(job.Mix, kit, job.Hand, job.Lay);

    public LaidCoat Laid(CoatJob job) => new(job.Marks, PaintOptics.Of(job.Main, kit), FilmUm(job))
    {
        Finish = FinishOf(job),
        Grain = HandGrain.Of(job.Hand, FinishOf(job)),
        LiftedByWater = LiftedByWater(job),
        Lifts = Lifts(job),
        IntoWet = job.Lay.IntoWet,
        Split = job.Lay.Split is { } split ? SplitPaint.Of(split, job.Mix, kit) : null,
    };

    private Finish FinishOf(CoatJob job) => PaintOptics.Find(kit, job.Mix.Shares.MaxBy(s => s.Parts)!.Paint).Finish;

    /// <summary>ΔE00 between some coats of a paint on bare skin and the opaque paint.</summary>
    public double SkinShows(CoatJob job, int coats)
    {
        // Many coats of a look share a paint; the films on bare skin are the same for all of them.
        var film = CoatFilm.Um(job.Mix, kit, job.Hand, job.Lay);
        var key = (FormattableString.Invariant($"{film} {string.Join('+', job.Main.Shares)}"), coats);
        if (!shows.TryGetValue(key, out var difference))
        {
            var paint = PaintOptics.Of(job.Main, kit);
            difference = shows[key] = ColourDifference.DeltaE00(skin.With(paint, coats * film).Colour(), new PaintStackProbe(paint).OpaqueColour);
        }

        return difference;
    }

    /// <summary>Fewest coats that hide this skin, or null when more than eight.</summary>
    public int? CoatsToHide(CoatJob job)
    {
        for (var coats = 1; coats <= MostCoats; coats++)
        {
            if (SkinShows(job, coats) < HiddenDeltaE)
            {
                return coats;
            }
        }

        return null;
    }

    private PaintStack On(PaintStack stack, CoatJob job, PaintMix mix)
    {
        var (paint, film) = (PaintOptics.Of(mix, kit), FilmUm(job));
        return job.Lay.IntoWet ? stack.IntoWet(paint, film, LiftedByWater(job)) : stack.Lifting(paint, film, Lifts(job), LiftedByWater(job));
    }

    private bool LiftedByWater(CoatJob job) => job.Mix.Shares.All(s => Materials.Of(PaintOptics.Find(kit, s.Paint).Material).LiftedByWater);

    // Only what goes on with water wets the coat below.
    private double Lifts(CoatJob job) => Math.Max(
        GroundWait.Lifts(job.Lay.Ground), job.Mix.Shares.Any(s => Materials.Of(PaintOptics.Find(kit, s.Paint).Material).GoesOnWet) ? wetLifts : 0);
}
