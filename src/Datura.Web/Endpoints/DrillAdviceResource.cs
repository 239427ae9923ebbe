using Datura.Core.Drills;

namespace Datura.Web;

/// <summary>One thing that can be practised, and how far it is in hand.</summary>
/// <param name="Name">Of the part; empty for a stroke.</param>
/// <param name="Tries">How often so far.</param>
/// <param name="Curve">Try by try how far the strokes lay off, mm, with the line of practice through them; null for none.</param>
/// <param name="CurveLow">Between this and <paramref name="CurveHigh"/> eight of ten tries are to lie, as many as the curve's line has.</param>
public sealed record DrillAdviceResource(DrillAdvice Advice, string Name, int Tries, PracticeResource? Curve, IReadOnlyList<double> CurveLow, IReadOnlyList<double> CurveHigh);
