namespace Datura.Core.Learn;

/// <summary>What can make a look quicker to paint.</summary>
public enum QuickerKind
{
    /// <summary>A coat with another tool.</summary>
    OtherTool,

    /// <summary>Two coats from one load.</summary>
    OneLoad,

    /// <summary>The steps in another order.</summary>
    OtherOrder,

    /// <summary>An outline or another coat left out.</summary>
    WithoutCoat,

    /// <summary>Mixes stirred before the session.</summary>
    PreparedPalette,
}
