namespace Datura.Domain;

/// <summary>What can happen at a booth's queue.</summary>
public enum QueueEventKind
{
    /// <summary>Takes a ticket; the event's id is the ticket's.</summary>
    Joined,

    /// <summary>A painter calls the ticket to her chair.</summary>
    Called,

    /// <summary>Sits in the chair; painting begins.</summary>
    Began,

    /// <summary>The face is done.</summary>
    Done,

    /// <summary>Was called and did not come.</summary>
    NoShow,

    /// <summary>Went away before being called.</summary>
    Left,

    /// <summary>Waits again, at the old place.</summary>
    Back,

    /// <summary>No more tickets are given.</summary>
    Closed,

    /// <summary>Tickets are given again.</summary>
    Opened,

    /// <summary>A painter takes a break.</summary>
    PainterAway,

    /// <summary>A painter is there again.</summary>
    PainterBack,

    /// <summary>The face is in the book, and its paint is taken from the stock.</summary>
    Booked,
}
