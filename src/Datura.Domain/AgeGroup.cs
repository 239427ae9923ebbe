namespace Datura.Domain;

/// <summary>Age, as far as it decides what may be painted.</summary>
public enum AgeGroup
{
    NotSaid,
    UnderThree,
    Child,
    Adult,
}
