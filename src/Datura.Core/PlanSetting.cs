namespace Datura.Core;

/// <param name="FinestMm">Finest width an eye resolves from there.</param>
public sealed record PlanSetting(string Name, double SlotMinutes, double ViewingDistanceM, string Light, double FinestMm, bool OnOneself = false);
