namespace Datura.Core.Order;

/// <summary>How the wearer holds still, as the painter asks for it (cues: common practice).</summary>
public enum Pose
{
    Front,
    EyesClosed,
    LipsTogether,
    ChinUp,
    TurnHead,
}

/// <summary>Which poses the work asks for.</summary>
public static class Poses
{
    /// <summary>The poses that a step over these zones needs, in the order in which to ask for them.</summary>
    public static IReadOnlyList<Pose> For(IReadOnlyCollection<string> zones)
    {
        var poses = new List<Pose>();
        if (zones.Any(z => z is "forehead" or "nose" or "cheekbone" or "upper lip" or "chin" or "orbit" or "sternum" or "chest" or "collar"))
        {
            poses.Add(Pose.Front);
        }

        if (zones.Contains("lid"))
        {
            poses.Add(Pose.EyesClosed);
        }

        if (zones.Contains("lips"))
        {
            poses.Add(Pose.LipsTogether);
        }

        if (zones.Any(z => z is "under-jaw" or "neck front"))
        {
            poses.Add(Pose.ChinUp);
        }

        // Temple and cheek are reached from the front as well; only what lies on them alone is worth a turn.
        if (zones.Any(z => z is "ear" or "neck side") || zones.All(z => z is "temple" or "cheek hollow" or "jaw" or "scalp"))
        {
            poses.Add(Pose.TurnHead);
        }

        return poses.Count > 0 ? poses : [Pose.Front];
    }
}
