namespace Datura.Core.Shapes;

/// <summary>What a parameter is, so that the inspector can be drawn from it.</summary>
public enum ParameterType
{
    LengthMm,
    AngleDeg,
    Ratio,
    Count,
    Choice,
    Zones,
}
