namespace Datura.Core.Order;

/// <summary>How the wearer holds still, as the painter asks for it (cues: common practice).</summary>
public static class Poses
{
    public const string Front = "Face to the front";
    public const string EyesClosed = "Eyes closed, softly";
    public const string LipsTogether = "Lips together";
    public const string ChinUp = "Chin up";
    public const string TurnHead = "Turn your head, one side after the other";

    /// <summary>The poses that a step over these zones needs, in the order in which to ask for them.</summary>
    public static IReadOnlyList<string> For(IReadOnlyCollection<string> zones)
    {
        var poses = new List<string>();
        if (zones.Any(z => z is "forehead" or "nose" or "cheekbone" or "upper lip" or "chin" or "orbit" or "sternum" or "chest" or "collar"))
        {
            poses.Add(Front);
        }

        if (zones.Contains("lid"))
        {
            poses.Add(EyesClosed);
        }

        if (zones.Contains("lips"))
        {
            poses.Add(LipsTogether);
        }

        if (zones.Any(z => z is "under-jaw" or "neck front"))
        {
            poses.Add(ChinUp);
        }

        // Temple and cheek are reached from the front as well; only what lies on them alone is worth a turn.
        if (zones.Any(z => z is "ear" or "neck side") || zones.All(z => z is "temple" or "cheek hollow" or "jaw" or "scalp"))
        {
            poses.Add(TurnHead);
        }

        return poses.Count > 0 ? poses : [Front];
    }
}
