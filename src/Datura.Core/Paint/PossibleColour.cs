namespace Datura.Core.Paint;

/// <summary>Colours that a surface can have.</summary>
public static class PossibleColour
{
    /// <summary>The smoothest reflectance of that colour, one value a band.</summary>
    /// <exception cref="InputException">No reflectance between 0 and 1 has it.</exception>
    public static double[] Reflectance(Lab colour) => SmoothReflectance.Find(colour)
        ?? throw new InputException("colour", ProblemCode.ImpossibleColour, ("l", colour.L), ("a", colour.A), ("b", colour.B));
}
