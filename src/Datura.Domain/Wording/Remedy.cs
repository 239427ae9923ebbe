namespace Datura.Domain;

/// <summary>What would help against something: a preparing or mending step.</summary>
/// <param name="Coat">The coat it is done for, named part/role.</param>
public sealed record Remedy(MendingKind Kind, string Coat);
