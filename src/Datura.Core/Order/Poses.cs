namespace Datura.Core.Order;

/// <summary>Which poses the work asks for.</summary>
public static class Poses
{
    /// <summary>The poses that a step over these zones needs, in the order in which to ask for them.</summary>
    /// <param name="left">Whether it has something to do on the wearer's left; work on one side alone asks for one turn.</param>
    /// <param name="right">The same of the right.</param>
    /// <param name="onOneself">The painter needs an eye for the mirror.</param>
    public static IReadOnlyList<Pose> For(IReadOnlyCollection<Zone> zones, bool left = true, bool right = true, bool onOneself = false)
    {
        var poses = new List<Pose>();
        if (zones.Any(z => z is Zone.Forehead or Zone.Nose or Zone.Cheekbone or Zone.UpperLip or Zone.Chin or Zone.Orbit or Zone.Sternum or Zone.Chest or Zone.Collar))
        {
            poses.Add(Pose.Front);
        }

        if (zones.Contains(Zone.Lid))
        {
            poses.Add(onOneself ? Pose.OneLidClosed : Pose.EyesClosed);
        }

        if (zones.Contains(Zone.Lips))
        {
            poses.Add(Pose.LipsTogether);
        }

        if (zones.Any(z => z is Zone.UnderJaw or Zone.NeckFront))
        {
            poses.Add(Pose.ChinUp);
        }

        // Temple and cheek are reached from the front as well; only what lies on them alone is worth a turn.
        if (zones.Any(z => z is Zone.Ear or Zone.NeckSide) || zones.All(z => z is Zone.Temple or Zone.CheekHollow or Zone.Jaw or Zone.Scalp))
        {
            poses.Add(left == right ? Pose.TurnHead : left ? Pose.TurnRight : Pose.TurnLeft);
        }

        return poses.Count > 0 ? poses : [Pose.Front];
    }

    /// <summary>Whether the head is turned in it, to either side.</summary>
    public static bool IsTurned(Pose pose) => pose is Pose.TurnHead or Pose.TurnLeft or Pose.TurnRight;

    /// <summary>Whether a lid is closed in it.</summary>
    public static bool ClosesLids(Pose pose) => pose is Pose.EyesClosed or Pose.OneLidClosed;
}
