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
    private readonly Dictionary<CoatJob, PaintStack> stacks = new(ReferenceEqualityComparer.Instance);
    private readonly Dictionary<CoatJob, Lab> seen = new(ReferenceEqualityComparer.Instance);
    private readonly Dictionary<(string, int), double> shows = [];

    public CoatColours(Lab skinTone, Kit kit, IReadOnlyList<Step> steps)
    {
        this.kit = kit;
        skin = PaintStack.OnSkin(skinTone);
        var laid = new List<CoatJob>();
        foreach (var job in steps.SelectMany(s => s.Jobs))
        {
            laid.Add(job);
            var at = job.Footprint.Inside;
            stacks[job] = laid.Where(j => j == job || j.Footprint.Covers(at))
                .Aggregate(skin, (stack, j) => stack.With(PaintOptics.Of(j.Mix, kit), FilmUm(j)));
            seen[job] = stacks[job].Colour();
        }
    }

    public Lab Of(CoatJob job) => seen[job];

    /// <summary>The coat by itself on bare skin, as when its area is reserved.</summary>
    public Lab OnBareSkin(CoatJob job) => skin.With(PaintOptics.Of(job.Mix, kit), FilmUm(job)).Colour();

    /// <summary>Skin and films at the middle of a coat, the coat itself on top.</summary>
    public PaintStack StackOf(CoatJob job) => stacks[job];

    /// <summary>Dry film of all coats of a job, µm.</summary>
    public double FilmUm(CoatJob job) => job.Coats * CoatJobs.FilmUm(job.Mix, kit);

    public LaidCoat Laid(CoatJob job) => new(job.Marks, PaintOptics.Of(job.Mix, kit), FilmUm(job));

    /// <summary>ΔE00 between some coats of a paint on bare skin and the opaque paint.</summary>
    public double SkinShows(CoatJob job, int coats)
    {
        // Many coats of a look share a paint; the films on bare skin are the same for all of them.
        var key = (string.Join('+', job.Mix.Shares), coats);
        if (!shows.TryGetValue(key, out var difference))
        {
            var paint = PaintOptics.Of(job.Mix, kit);
            difference = shows[key] = ColourDifference.DeltaE00(
                skin.With(paint, coats * CoatJobs.FilmUm(job.Mix, kit)).Colour(), new PaintStackProbe(paint).OpaqueColour);
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
}
