namespace Datura.Core.Paint.Unevenness;

/// <summary>The unevenness of a coat's film.</summary>
/// <param name="Depth">Standard deviation of the film as a share of it; the mean film stays what it is.</param>
/// <param name="Rim">How much thicker a crisp rim is than the film, as a share of it, at the cost of the film just inside it; 0 for none.</param>
public sealed record CoatGrain(GrainForm Form, double Depth, double Rim)
{
    public static CoatGrain None { get; } = new(GrainForm.None, 0, 0);
}
