namespace Datura.Core.Paint;

/// <summary>What lies on every pixel of a picture, film by film: each stack of films is a number that leads to the one beneath it.</summary>
/// <param name="StackOf">Row by row from the top.</param>
/// <param name="Under">The stack beneath the top film of a stack; −1 for bare skin.</param>
/// <param name="Coat">Coat of the top film, by its place in the order of work; −1 for bare skin.</param>
/// <param name="Share">How much of its full film the top film has, 0 to 1.</param>
/// <param name="Colour">What is seen of a stack.</param>
public sealed record PaintCores(ChartWindow Window, IReadOnlyList<int> StackOf, int[] Under, int[] Coat, double[] Share, IReadOnlyList<Srgb> Colour);
