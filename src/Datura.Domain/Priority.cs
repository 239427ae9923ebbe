namespace Datura.Domain;

/// <summary>How much a part matters when time runs short.</summary>
public enum Priority
{
    Must,
    Nice,
    Extra,
}
