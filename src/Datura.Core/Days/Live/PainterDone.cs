namespace Datura.Core.Days.Live;

/// <summary>One painter after the day.</summary>
/// <param name="TimePercent">As the day had it.</param>
/// <param name="LearnedPercent">Of the usual time, learned from the day; give or take <paramref name="GivePercent"/> on eight days of ten.</param>
public sealed record PainterDone(string Painter, int Faces, double TimePercent, double LearnedPercent, double GivePercent);
