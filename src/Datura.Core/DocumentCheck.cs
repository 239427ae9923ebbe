using Datura.Core.Body;
using Datura.Core.Paint;

namespace Datura.Core;

/// <summary>Whether what is to be kept can be: each throws with a sentence that says what to change.</summary>
public static class DocumentCheck
{
    /// <exception cref="InputException"/>
    /// <exception cref="PlanException"/>
    public static void Check(Look? look)
    {
        if (look?.Parts is null || look.Parts.Any(p => p is null))
        {
            throw new InputException("look", ProblemCode.EmptyLook);
        }

        if (PlanCheck.OfLook(look) is { Count: > 0 } problems)
        {
            throw new PlanException(problems);
        }
    }

    /// <exception cref="InputException"/>
    /// <exception cref="MeasureException"/>
    public static void Check(Face? face)
    {
        if (face?.MeasuresMm is null || face.Cautions is null)
        {
            throw new InputException("face", ProblemCode.EmptyFace);
        }

        if (!Limits.IsName(face.Name))
        {
            throw new InputException("name", ProblemCode.FaceName, ("most", Limits.LongestName));
        }

        if (MeasureCheck.Problems(face.MeasuresMm) is { Count: > 0 } problems)
        {
            throw new MeasureException(problems);
        }

        CheckTone(face.Skin, "skin");
        if (face.SkinAt.Count > MostZones || face.SkinAt.Keys.Any(k => k.Length > Limits.LongestName) || face.PhotoPlusMinusMm.Any(m => Measures.Find(m.Key) is null || !(m.Value is >= 0 and <= 100)))
        {
            throw new InputException("face", ProblemCode.FacePhotos);
        }

        foreach (var (zone, tone) in face.SkinAt)
        {
            CheckTone(tone, $"skinAt.{zone}");
        }
    }

    private const int MostZones = 12;

    private static void CheckTone(Lab tone, string field)
    {
        try
        {
            SkinTone.Reflectance(tone);
        }
        catch (InputException problem)
        {
            throw problem.At(field);
        }
    }

    /// <exception cref="InputException"/>
    /// <exception cref="PlanException"/>
    public static void Check(Setting? setting)
    {
        if (setting is null || !Limits.IsName(setting.Name))
        {
            throw new InputException("name", ProblemCode.SettingName, ("most", Limits.LongestName));
        }

        if (PlanCheck.OfSetting(setting) is { Count: > 0 } problems)
        {
            throw new PlanException(problems);
        }
    }

    /// <exception cref="InputException"/>
    public static void Check(Kit? kit)
    {
        if (kit?.Paints is null || kit.Paints.Any(p => p is null) || !Limits.IsName(kit.Name))
        {
            throw new InputException("name", ProblemCode.KitName, ("most", Limits.LongestName));
        }

        if (kit.Paints.Count > Limits.MostPaints || kit.Paints.DistinctBy(p => p.Id).Count() != kit.Paints.Count)
        {
            throw new InputException("paints", ProblemCode.KitPaints, ("most", Limits.MostPaints));
        }

        if (kit.Tools is { } tools)
        {
            if (tools.Count > Limits.MostTools || tools.Any(t => t is null) || tools.DistinctBy(t => t.Id).Count() != tools.Count)
            {
                throw new InputException("tools", ProblemCode.KitTools, ("most", Limits.MostTools));
            }

            for (var k = 0; k < tools.Count; k++)
            {
                Check(tools[k], $"tools[{k}]");
            }
        }

        var problems = new List<Problem>();
        for (var k = 0; k < kit.Paints.Count; k++)
        {
            try
            {
                Check(kit.Paints[k], $"paints[{k}]");
            }
            catch (InputException problem)
            {
                problems.Add(problem.Problem);
            }
        }

        // All of them are said at once: whoever mends a table mends it in one go.
        if (problems.Count > 0)
        {
            throw problems.Count == 1 ? new InputException(problems[0]) : new PlanException(problems);
        }
    }

    /// <summary>More of them than this nobody keeps under one name.</summary>
    private const int OverfullPots = 100;

    private static void Check(ToolDescription tool, string field)
    {
        if (string.IsNullOrWhiteSpace(tool.Id) || tool.Id.Length > Limits.LongestName || !Limits.IsName(tool.Name))
        {
            throw new InputException(field, ProblemCode.ToolName, ("most", Limits.LongestName));
        }

        if (!Limits.Hold<ToolDescription>(nameof(tool.WidthMm), tool.WidthMm) || !Limits.Hold<ToolDescription>(nameof(tool.AreaCm2PerMinute), tool.AreaCm2PerMinute)
            || !Limits.Hold<ToolDescription>(nameof(tool.LineMmPerSecond), tool.LineMmPerSecond) || !Limits.Hold<ToolDescription>(nameof(tool.LineMmPerLoad), tool.LineMmPerLoad)
            || !Limits.Hold<ToolDescription>(nameof(tool.AreaCm2PerLoad), tool.AreaCm2PerLoad))
        {
            throw new InputException(field, ProblemCode.ToolLimits, ("tool", tool.Name), ("least", Limits.Least<ToolDescription>(nameof(tool.WidthMm))),
                ("most", Limits.Most<ToolDescription>(nameof(tool.WidthMm))));
        }
    }

    /// <summary>Whether a paint can be: film, drying, price, and a card that some real film gives.</summary>
    /// <exception cref="InputException">It cannot; the sentence says why.</exception>
    public static void Check(PaintDescription? paint, string field)
    {
        if (paint is null || string.IsNullOrWhiteSpace(paint.Id) || !Limits.IsName(paint.Name))
        {
            throw new InputException(field, ProblemCode.PaintName, ("most", Limits.LongestName));
        }

        if (!Limits.Hold<PaintDescription>(nameof(paint.CoatFilmUm), paint.CoatFilmUm) || !Limits.Hold<PaintDescription>(nameof(paint.DryingSeconds), paint.DryingSeconds))
        {
            throw new InputException(field, ProblemCode.CoatLimits, ("paint", paint.Name), ("film", Limits.Most<PaintDescription>(nameof(paint.CoatFilmUm))),
                ("hours", Limits.Most<PaintDescription>(nameof(paint.DryingSeconds)) / 3600));
        }

        if (!Limits.Hold<PaintDescription>(nameof(paint.Price), paint.Price) || !Limits.Hold<PaintDescription>(nameof(paint.LeftMl), paint.LeftMl)
            || !Limits.Hold<PaintDescription>(nameof(paint.PotMl), paint.PotMl) || paint.LeftMl > OverfullPots * paint.PotMl)
        {
            throw new InputException(field, ProblemCode.PaintPrice, ("paint", paint.Name));
        }

        if (paint.Ingredients.Length > Limits.LongestNotes || !Limits.Hold<PaintDescription>(nameof(paint.FlakeMm), paint.FlakeMm))
        {
            throw new InputException(field, ProblemCode.PaintLabel, ("paint", paint.Name), ("letters", Limits.LongestNotes),
                ("least", Limits.Least<PaintDescription>(nameof(paint.FlakeMm))), ("most", Limits.Most<PaintDescription>(nameof(paint.FlakeMm))));
        }

        if (Supply.PotCheck.Problem(paint) is { } pot)
        {
            throw new InputException(field, pot, ("paint", paint.Name), ("least", Limits.Least<PaintPot>(nameof(PaintPot.KeepsMonths))),
                ("most", Limits.Most<PaintPot>(nameof(PaintPot.KeepsMonths))), ("heaviest", Limits.Most<PaintPot>(nameof(PaintPot.FullG))));
        }

        if (paint.Stripe is { } stripe && (string.IsNullOrWhiteSpace(stripe.Cake) || !Limits.Hold<SplitStripe>(nameof(stripe.Place), stripe.Place)))
        {
            throw new InputException(field, ProblemCode.PaintStripe, ("paint", paint.Name));
        }

        try
        {
            PaintOptics.Of(paint);
        }
        catch (InputException problem)
        {
            throw problem.At(field, ("paint", paint.Name));
        }
    }
}
