namespace Datura.Domain;

/// <summary>Two coats that touch, as the painter wants them to lie. Coats are named part/role.</summary>
/// <param name="Upper">Lies over the other, so it goes on later.</param>
public sealed record CoatOver(string Upper, string Lower);
