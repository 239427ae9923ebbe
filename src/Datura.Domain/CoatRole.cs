namespace Datura.Domain;

/// <summary>One coat that a kind lays: what it is called, when it goes on and with what.</summary>
/// <param name="Tool">Id of the usual tool.</param>
/// <param name="Lightness">L* it usually wants; a new part takes the kit's nearest quiet paint.</param>
/// <param name="Optional">Left out when the part names no paint for it.</param>
/// <param name="GoesRound">Lines that only go round or along something; the first to go when time is short.</param>
public sealed record CoatRole(string Id, string Label, Stage Stage, string Tool, int Coats, double Lightness, bool Optional = false, bool GoesRound = false);
