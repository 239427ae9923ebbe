namespace Datura.Core.Calls;

/// <summary>One wearer to be made ready.</summary>
/// <param name="Minutes">Of painting, by a hand of the usual pace.</param>
/// <param name="SdMinutes">Standard deviation from evening to evening.</param>
/// <param name="AfterMinutes">Drying, wig and costume: out of the chair, before the bell.</param>
/// <param name="Able">Indices of the painters who can paint it.</param>
/// <param name="Wished">Index of the painter who is wished for; −1 for any.</param>
/// <param name="FromMinute">Sits down no earlier.</param>
public sealed record CallTask(string Wearer, double Minutes, double SdMinutes, int AfterMinutes, IReadOnlyList<int> Able, int Wished = -1, int FromMinute = 0);
