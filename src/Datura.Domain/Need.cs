namespace Datura.Domain;

/// <summary>How much an idea needs a part to be read as what it is.</summary>
public enum Need
{
    /// <summary>Without it nobody sees what it is.</summary>
    Must,

    /// <summary>Mostly there.</summary>
    Often,

    /// <summary>Now and then.</summary>
    May,
}
