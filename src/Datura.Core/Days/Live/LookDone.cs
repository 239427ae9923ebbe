namespace Datura.Core.Days.Live;

/// <summary>One line of the menu after the day.</summary>
/// <param name="Wanted">Tickets that were taken for it.</param>
/// <param name="PlannedMinutes">Of one face.</param>
/// <param name="Minutes">Mean of the faces painted, as it was; null where none was.</param>
public sealed record LookDone(string Look, int Wanted, int Painted, double PlannedMinutes, double? Minutes, double? Takings);
