namespace Datura.Numerics;

/// <summary>
/// Repeatable randomness: the same seed gives the same numbers on every machine and runtime.
/// Source: SplitMix64, Steele, Lea and Flood, OOPSLA 2014 (constants from memory).
/// </summary>
public sealed class SeededRandom(ulong seed)
{
    private ulong state = seed;

    /// <summary>A stream that differs for each name but is fixed by seed and name.</summary>
    public static SeededRandom For(int seed, string name)
    {
        // FNV-1a, since string.GetHashCode differs from run to run.
        var hash = 14695981039346656037UL;
        foreach (var c in name)
        {
            hash = (hash ^ c) * 1099511628211UL;
        }

        return new(hash ^ ((ulong)(uint)seed * 0x9E3779B97F4A7C15UL));
    }

    /// <summary>From 0 up to, not including, 1.</summary>
    public double Unit()
    {
        state += 0x9E3779B97F4A7C15UL;
        var z = state;
        z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9UL;
        z = (z ^ (z >> 27)) * 0x94D049BB133111EBUL;
        return ((z ^ (z >> 31)) >> 11) * (1.0 / (1UL << 53));
    }

    /// <summary>From −1 up to 1.</summary>
    public double Either() => 2 * Unit() - 1;
}
