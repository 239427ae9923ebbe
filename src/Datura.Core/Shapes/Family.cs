namespace Datura.Core.Shapes;

/// <summary>The families of the parts library.</summary>
public enum Family
{
    Bone,
    Flesh,
    Creature,
    Ornament,
    Attached,
    Carried,
}
