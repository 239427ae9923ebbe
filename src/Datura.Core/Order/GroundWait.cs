namespace Datura.Core.Order;

/// <summary>What comes of not waiting until the ground is dry (from memory, unverified; the painter's own wait counts, not these).</summary>
public static class GroundWait
{
    /// <summary>Share of the drying time that is waited for.</summary>
    public static double Share(Ground ground) => ground switch
    {
        Ground.Tacky => 0.4,
        Ground.StraightOn => 0,
        _ => 1,
    };

    /// <summary>Share of the ground's film that the tool takes along.</summary>
    public static double Lifts(Ground ground) => ground switch
    {
        Ground.Tacky => 0.12,
        Ground.StraightOn => 0.35,
        _ => 0,
    };
}
