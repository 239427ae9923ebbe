namespace Datura.Store.Accounts;

/// <summary>What somebody may do in a studio, from the least to the most.</summary>
public enum Role
{
    /// <summary>Sees the one look of a link.</summary>
    Guest,

    /// <summary>Sees everything and paints from it, changes nothing.</summary>
    Helper,

    /// <summary>Changes looks, faces, kits and settings.</summary>
    Painter,

    /// <summary>Lets others in, and can bring in, take away and erase.</summary>
    Owner,
}
