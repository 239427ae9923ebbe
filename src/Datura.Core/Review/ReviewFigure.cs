namespace Datura.Core.Review;

/// <summary>What a part paints on one side, as a photo of the finished face is searched for it.</summary>
/// <param name="Side">Of the wearer.</param>
/// <param name="IsBase">A ground that others lie on: its colour and evenness are looked at, its place is not.</param>
/// <param name="Middle">On the chart.</param>
/// <param name="Lines">Short lines across its outline, where colours change.</param>
/// <param name="Spots">Places inside, where its own paint is seen.</param>
/// <param name="SeenCm2">Area in which its own paint is seen.</param>
public sealed record ReviewFigure(
    string PartId, string Label, Side Side, bool IsBase, ChartPoint Middle, double RadiusMm, IReadOnlyList<ReviewLine> Lines, IReadOnlyList<ReviewSpot> Spots, double SeenCm2);
