namespace Datura.Domain;

/// <summary>What can be forbidden.</summary>
public enum ForbiddenThing
{
    Kind,
    Zone,
    Colour,
}
