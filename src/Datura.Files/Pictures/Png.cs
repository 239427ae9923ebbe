using System.Runtime.InteropServices;
using SkiaSharp;

namespace Datura.Files.Pictures;

/// <summary>Writes pixels as PNG.</summary>
public static class Png
{
    /// <summary>Fast rather than small: pictures go over loopback or a local network.</summary>
    private const int CompressionLevel = 1;

    /// <param name="rgba">Four bytes a pixel, row by row.</param>
    public static byte[] Of(byte[] rgba, int width, int height)
    {
        var pinned = GCHandle.Alloc(rgba, GCHandleType.Pinned);
        try
        {
            var info = new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Unpremul);
            using var map = new SKPixmap(info, pinned.AddrOfPinnedObject(), width * 4);
            using var data = map.Encode(new SKPngEncoderOptions(SKPngEncoderFilterFlags.Sub, CompressionLevel));
            return data!.ToArray();
        }
        finally
        {
            pinned.Free();
        }
    }
}
