namespace Datura.Core.Supply;

/// <summary>What one face takes of one paint.</summary>
/// <param name="Paint">Id in the kit.</param>
/// <param name="OnSkinMl">What stays on the skin.</param>
/// <param name="Ml">Out of the pot, with what stays behind; 0 for what is counted.</param>
/// <param name="Grams">The same by weight.</param>
/// <param name="Pieces">Of what is counted: gems.</param>
/// <param name="Spread">Standard deviation as a share of the amount.</param>
public sealed record PaintUse(string Paint, double OnSkinMl, double Ml, double Grams, int Pieces, double Spread);
