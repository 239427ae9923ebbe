namespace Datura.Core.Fit;

/// <summary>The version for a slot.</summary>
/// <param name="Gap">No version that fits keeps more than this share beyond it; 0 when it is the best.</param>
public sealed record TimeBudgetVersion(LookVersionFound? Found, double Gap);
