using Datura.Core.Body;
using Datura.Core.Paint;

namespace Datura.Core;

/// <summary>Whether what is to be kept can be: each throws with a sentence that says what to change.</summary>
public static class DocumentCheck
{
    private const int MostPaints = 500;
    private const int LongestName = 120;

    /// <exception cref="BadInputException"/>
    /// <exception cref="PlanException"/>
    public static void Check(Look? look)
    {
        if (look?.Parts is null || look.Parts.Any(p => p is null))
        {
            throw new BadInputException("look", "The request carries no look, or one without parts. Send a whole look.");
        }

        if (PlanCheck.OfLook(look) is { Count: > 0 } problems)
        {
            throw new PlanException(problems);
        }
    }

    /// <exception cref="BadInputException"/>
    /// <exception cref="MeasureException"/>
    public static void Check(Face? face)
    {
        if (face?.MeasuresMm is null || face.Cautions is null)
        {
            throw new BadInputException("face", "The request carries no face, or one without measures. Send a whole face.");
        }

        if (string.IsNullOrWhiteSpace(face.Name) || face.Name.Length > LongestName)
        {
            throw new BadInputException("name", "Give the face a name of 1 to 120 letters.");
        }

        if (MeasureCheck.Problems(face.MeasuresMm) is { Count: > 0 } problems)
        {
            throw new MeasureException(problems);
        }

        try
        {
            SkinTone.Reflectance(face.Skin);
        }
        catch (InputException problem)
        {
            throw new BadInputException("skin", problem.Message);
        }
    }

    /// <exception cref="BadInputException"/>
    /// <exception cref="PlanException"/>
    public static void Check(Setting? setting)
    {
        if (setting is null || string.IsNullOrWhiteSpace(setting.Name) || setting.Name.Length > LongestName)
        {
            throw new BadInputException("name", "Give the setting a name of 1 to 120 letters.");
        }

        if (PlanCheck.OfSetting(setting) is { Count: > 0 } problems)
        {
            throw new PlanException(problems);
        }
    }

    /// <exception cref="BadInputException"/>
    public static void Check(Kit? kit)
    {
        if (kit?.Paints is null || kit.Paints.Any(p => p is null) || string.IsNullOrWhiteSpace(kit.Name) || kit.Name.Length > LongestName)
        {
            throw new BadInputException("name", "Give the kit a name of 1 to 120 letters and a list of paints.");
        }

        if (kit.Paints.Count > MostPaints || kit.Paints.DistinctBy(p => p.Id).Count() != kit.Paints.Count)
        {
            throw new BadInputException("paints", $"A kit holds up to {MostPaints} paints, each with an id of its own.");
        }

        for (var k = 0; k < kit.Paints.Count; k++)
        {
            Check(kit.Paints[k], $"paints[{k}]");
        }
    }

    /// <summary>Whether a paint can be: film, drying, price, and a card that some real film gives.</summary>
    /// <exception cref="BadInputException">It cannot; the sentence says why.</exception>
    public static void Check(PaintDescription? paint, string field)
    {
        if (paint is null || string.IsNullOrWhiteSpace(paint.Id) || string.IsNullOrWhiteSpace(paint.Name) || paint.Name.Length > LongestName)
        {
            throw new BadInputException(field, "Give the paint a name of 1 to 120 letters.");
        }

        if (!(paint.CoatFilmUm is > 0 and < 500 && paint.DryingSeconds is >= 0 and < 7200))
        {
            throw new BadInputException(field, $"{paint.Name}: a coat is up to 500 µm thick and dries within two hours.");
        }

        if (paint.Price is < 0 or > 1e6 or double.NaN || paint.LeftMl is < 0 or > 1e5 or double.NaN)
        {
            throw new BadInputException(field, $"{paint.Name}: neither the price nor what is left can be negative. Leave them out when they are not known.");
        }

        if (paint.Stripe is { } stripe && (string.IsNullOrWhiteSpace(stripe.Cake) || stripe.Place is < 1 or > 40))
        {
            throw new BadInputException(field, $"{paint.Name}: a stripe of a split cake needs the name of its pan and its place, from 1.");
        }

        try
        {
            PaintOptics.Of(paint);
        }
        catch (InputException problem)
        {
            throw new BadInputException(field, problem.Message.StartsWith(paint.Name, StringComparison.Ordinal) ? problem.Message : $"{paint.Name}: {problem.Message}");
        }
    }
}
