namespace Datura.Core.Photos;

/// <summary>Where a place of the face was found in a photo.</summary>
/// <param name="Place">Name of the <see cref="PhotoPlace"/>.</param>
/// <param name="X">Pixels from the left edge.</param>
/// <param name="Y">Pixels from the upper edge.</param>
/// <param name="Sure">How far it may be trusted: 1 as usual, less for a doubtful one.</param>
/// <param name="ByHand">A person put it there.</param>
public sealed record SeenPoint(string Place, double X, double Y, double Sure = 1, bool ByHand = false);
