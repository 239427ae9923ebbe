namespace Datura.Core.Shapes;

/// <summary>How a drawn line swells and thins, the painter's to choose.</summary>
public static class LineProfile
{
    private const string Swelling = "thin, thick, thin", Rooted = "thick to thin", Tipped = "thin to thick";

    public static readonly ChoiceSpec Runs = ParameterSpec.Choice("runs", "Runs", "How its width goes from the first point to the last.", 0, Swelling, Rooted, Tipped, "even");

    /// <summary>Width at a share of the way, mm.</summary>
    public static Func<double, double> Of(PartContext context, double mm) => context.Word(Runs) switch
    {
        Swelling => Profile.Swelling(mm),
        Rooted => Profile.ThickToThin(mm),
        Tipped => t => Profile.ThickToThin(mm)(1 - t),
        _ => Profile.Even(mm),
    };
}
