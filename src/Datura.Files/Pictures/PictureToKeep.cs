using SkiaSharp;

namespace Datura.Files.Pictures;

/// <summary>
/// A picture somebody brings, as it is kept: upright, no larger than it is looked at, as WebP. It is drawn anew, so that nothing of what a
/// camera writes into a file (place, time, owner) is kept, nor anything else that is no picture.
/// </summary>
public static class PictureToKeep
{
    // Unpacked; a picture that claims to be larger is not opened.
    private const long MostPixels = 25_000_000;

    // What does not pack well is kept a little coarser.
    private static readonly (int Quality, int Side)[] Tries = [(86, ReferencePicture.MostSide), (70, ReferencePicture.MostSide), (60, 1000), (50, 600)];

    /// <exception cref="InputException">It cannot be read, or is too large.</exception>
    public static byte[] Of(byte[] file, string name)
    {
        using var codec = SKCodec.Create(new MemoryStream(file));
        if (codec is null || codec.Info is not { Width: > 0, Height: > 0 } info)
        {
            throw new InputException("picture", ProblemCode.ReferenceNoPicture, ("name", name));
        }

        if ((long)info.Width * info.Height > MostPixels)
        {
            throw new InputException("picture", ProblemCode.ReferenceTooLarge, ("most", ReferencePicture.MostBytes / 1000), ("side", ReferencePicture.MostSide));
        }

        using var read = SKBitmap.Decode(codec);
        if (read is null)
        {
            throw new InputException("picture", ProblemCode.ReferenceNoPicture, ("name", name));
        }

        foreach (var (quality, side) in Tries)
        {
            using var drawn = Upright(read, codec.EncodedOrigin, side);
            using var data = drawn.Encode(SKEncodedImageFormat.Webp, quality);
            if (data is not null && data.Size <= ReferencePicture.MostBytes)
            {
                return data.ToArray();
            }
        }

        throw new InputException("picture", ProblemCode.ReferenceTooLarge, ("most", ReferencePicture.MostBytes / 1000), ("side", ReferencePicture.MostSide));
    }

    // As the camera was held (Exif 2.32, tag 0x0112), and small enough.
    private static SKBitmap Upright(SKBitmap read, SKEncodedOrigin origin, int side)
    {
        var onItsSide = origin is SKEncodedOrigin.LeftTop or SKEncodedOrigin.RightTop or SKEncodedOrigin.RightBottom or SKEncodedOrigin.LeftBottom;
        var (width, height) = onItsSide ? (read.Height, read.Width) : (read.Width, read.Height);
        var scale = Math.Min(1f, side / (float)Math.Max(width, height));
        var drawn = new SKBitmap(Math.Max(1, (int)Math.Round(width * scale)), Math.Max(1, (int)Math.Round(height * scale)));
        using var canvas = new SKCanvas(drawn);
        canvas.Scale(drawn.Width / (float)width, drawn.Height / (float)height);
        var (w, h) = ((float)read.Width, (float)read.Height);
        canvas.Concat(origin switch
        {
            SKEncodedOrigin.TopRight => new(-1, 0, w, 0, 1, 0, 0, 0, 1),
            SKEncodedOrigin.BottomRight => new(-1, 0, w, 0, -1, h, 0, 0, 1),
            SKEncodedOrigin.BottomLeft => new(1, 0, 0, 0, -1, h, 0, 0, 1),
            SKEncodedOrigin.LeftTop => new(0, 1, 0, 1, 0, 0, 0, 0, 1),
            SKEncodedOrigin.RightTop => new(0, -1, h, 1, 0, 0, 0, 0, 1),
            SKEncodedOrigin.RightBottom => new(0, -1, h, -1, 0, w, 0, 0, 1),
            SKEncodedOrigin.LeftBottom => new(0, 1, 0, -1, 0, w, 0, 0, 1),
            _ => SKMatrix.Identity,
        });
        using var image = SKImage.FromBitmap(read);
        canvas.DrawImage(image, 0, 0, new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
        return drawn;
    }
}
