using System.Runtime.CompilerServices;

namespace Datura.Core.Order;

/// <summary>Which coats lie on common ground; remembered, since versions of a look ask for the same pairs over and over.</summary>
public sealed class Overlaps
{
    private readonly Dictionary<(CoatJob, CoatJob), bool> known = new(new Same());

    public bool Of(CoatGroup a, CoatGroup b)
    {
        foreach (var one in a.Jobs)
        {
            foreach (var other in b.Jobs)
            {
                if (Of(one, other))
                {
                    return true;
                }
            }
        }

        return false;
    }

    public bool Of(CoatJob a, CoatJob b)
    {
        if (!known.TryGetValue((a, b), out var overlap))
        {
            known[(a, b)] = known[(b, a)] = overlap = a.Footprint.Overlaps(b.Footprint);
        }

        return overlap;
    }

    private sealed class Same : IEqualityComparer<(CoatJob, CoatJob)>
    {
        public bool Equals((CoatJob, CoatJob) x, (CoatJob, CoatJob) y) => ReferenceEquals(x.Item1, y.Item1) && ReferenceEquals(x.Item2, y.Item2);

        public int GetHashCode((CoatJob, CoatJob) pair) => HashCode.Combine(RuntimeHelpers.GetHashCode(pair.Item1), RuntimeHelpers.GetHashCode(pair.Item2));
    }
}
