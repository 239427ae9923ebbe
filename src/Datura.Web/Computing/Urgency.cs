namespace Datura.Web.Computing;

/// <summary>Who waits for a computation.</summary>
public enum Urgency
{
    /// <summary>A hand on the screen.</summary>
    Interactive,

    /// <summary>Somebody who asked for a sheet or a file and does something else meanwhile.</summary>
    Batch,
}
