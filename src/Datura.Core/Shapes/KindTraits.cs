namespace Datura.Core.Shapes;

/// <summary>How far what a role lays stands out of the skin or lies in it, unless the painter says otherwise (by eye, so that the kind reads as what it is).</summary>
/// <param name="Mm">Out of the skin; negative lies in it.</param>
/// <param name="FalloffMm">Width over which it runs out.</param>
public sealed record RoleRelief(CoatRole Role, double Mm, double FalloffMm);

/// <summary>What a character that has this part usually has as well (common practice).</summary>
/// <param name="With">Kinds that must be there too before anything is missed.</param>
/// <param name="AnyOf">One of these kinds is enough.</param>
/// <param name="Landmark">Where it is missed.</param>
/// <param name="Missed">What is said when none is there.</param>
public sealed record Companion(IReadOnlyList<string> With, IReadOnlyList<string> AnyOf, Landmark Landmark, CautionCode Missed);
