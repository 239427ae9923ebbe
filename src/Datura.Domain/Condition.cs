namespace Datura.Domain;

/// <summary>What is in the way where it is painted and worn.</summary>
public enum Condition
{
    Outdoors,
    Wind,
    Rain,
    Heat,

    /// <summary>There is no mirror.</summary>
    NoMirror,

    /// <summary>What is worn with it must not be stained.</summary>
    CostumeMatters,
    FoodAndDrink,
}
