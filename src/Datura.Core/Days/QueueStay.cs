namespace Datura.Core.Days;

/// <summary>One guest's way through the day.</summary>
/// <param name="WaitMinutes">Until painted or left; 0 for who did not queue.</param>
/// <param name="DoneAt">End of the face, minutes after midnight; not a number for who was not painted.</param>
/// <param name="Painter">Index; −1 for nobody.</param>
public readonly record struct QueueStay(QueueGuest Guest, QueueFate Fate, double WaitMinutes, double DoneAt, int Painter);
