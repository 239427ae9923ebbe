namespace Datura.Core.Review;

/// <summary>How a figure lies off its place.</summary>
/// <param name="OutMm">Towards the wearer's left, mm.</param>
/// <param name="UpMm">Upwards, mm.</param>
/// <param name="Larger">By which share it is larger.</param>
/// <param name="TurnedDeg">Against the clock as one looks at the wearer, degrees.</param>
/// <param name="Lines">Lines across its outline that told it.</param>
public sealed record FigureShift(double OutMm, double UpMm, double Larger, double TurnedDeg, double SdOutMm, double SdUpMm, double SdLarger, double SdTurnedDeg, int Lines);
