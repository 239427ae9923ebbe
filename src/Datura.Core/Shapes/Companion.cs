namespace Datura.Core.Shapes;

/// <summary>What a character that has this part usually has as well (common practice).</summary>
/// <param name="With">Kinds that must be there too before anything is missed.</param>
/// <param name="AnyOf">One of these kinds is enough.</param>
/// <param name="Landmark">Where it is missed.</param>
/// <param name="Missed">What is said when none is there.</param>
public sealed record Companion(IReadOnlyList<string> With, IReadOnlyList<string> AnyOf, Landmark Landmark, CautionCode Missed);
