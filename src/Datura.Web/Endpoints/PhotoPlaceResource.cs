namespace Datura.Web;

/// <summary>A place of anatomy that is looked for in photos.</summary>
/// <param name="Number">What the face finder calls it; null for one that only a person can point at.</param>
/// <param name="Words">What a painter calls it.</param>
/// <param name="Named">A landmark by name, worth pointing at by hand.</param>
/// <param name="AtMm">Where the mean body has it: towards the wearer's left, up and forward, mm.</param>
/// <param name="SpreadMm">How far off it is usually found, as a standard deviation, mm.</param>
public sealed record PhotoPlaceResource(string Name, int? Number, string Words, bool Named, double SpreadMm, Vec3 AtMm);
