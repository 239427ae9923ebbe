namespace Datura.Core.Paint;

/// <summary>How deep within a figure every pixel lies, as a share of the deepest.</summary>
internal static class FromOutline
{
    public static float[] Depth(float[] share, int width, int height)
    {
        var depth = DistanceTransform.ToOutside(Array.ConvertAll(share, s => s >= 0.5f), width, height);
        var most = Math.Max(1, depth.Max());
        return Array.ConvertAll(depth, d => d / most);
    }
}
