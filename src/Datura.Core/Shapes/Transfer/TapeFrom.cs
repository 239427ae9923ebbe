namespace Datura.Core.Shapes.Transfer;

/// <summary>One end of the tape: where it is held and what it reads at the dot.</summary>
/// <param name="Words">The landmark in the painter's words.</param>
public sealed record TapeFrom(string Landmark, string Words, int Mm);
