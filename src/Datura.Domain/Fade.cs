namespace Datura.Domain;

/// <summary>The film is whole above one chart height and gone below another, mm.</summary>
public sealed record Fade(double WholeAboveYMm, double GoneBelowYMm)
{
    /// <summary>Share of the film at a chart height, 0 to 1.</summary>
    public double At(double yMm) => Math.Clamp((yMm - GoneBelowYMm) / (WholeAboveYMm - GoneBelowYMm), 0, 1);
}
