namespace Datura.Core.Shapes;

/// <summary>How far what a role lays stands out of the skin or lies in it, unless the painter says otherwise (by eye, so that the kind reads as what it is).</summary>
/// <param name="Mm">Out of the skin; negative lies in it.</param>
/// <param name="FalloffMm">Width over which it runs out.</param>
public sealed record RoleRelief(CoatRole Role, double Mm, double FalloffMm);
