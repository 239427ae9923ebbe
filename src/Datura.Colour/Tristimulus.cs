namespace Datura.Colour;

/// <summary>CIE tristimulus values, Y = 1 for white.</summary>
public readonly record struct Tristimulus(double X, double Y, double Z)
{
    public (double X, double Y) Chromaticity => (X / (X + Y + Z), Y / (X + Y + Z));
}
