namespace Datura.Domain;

/// <summary>How long a small step of the chart is on the skin about one place: the square of its length, by its parts.</summary>
/// <param name="Xx">mm² of skin for a step of 1 mm across.</param>
/// <param name="Xy">What a step across and up adds beyond both.</param>
/// <param name="Yy">mm² of skin for a step of 1 mm up.</param>
public readonly record struct ChartMeasure(double Xx, double Xy, double Yy)
{
    /// <summary>A chart that is as long as the skin everywhere.</summary>
    public static ChartMeasure True { get; } = new(1, 0, 1);

    /// <summary>Length on the skin of a small step of the chart, mm.</summary>
    public double LengthMm(double acrossMm, double upMm) => Math.Sqrt(Math.Max(0, Xx * acrossMm * acrossMm + 2 * Xy * acrossMm * upMm + Yy * upMm * upMm));

    /// <summary>The longest chart step that is 1 mm on the skin, mm.</summary>
    public double LongestMm => 1 / Math.Sqrt(Math.Max(1e-6, (Xx + Yy) / 2 - Math.Sqrt(Math.Pow((Xx - Yy) / 2, 2) + Xy * Xy)));
}
