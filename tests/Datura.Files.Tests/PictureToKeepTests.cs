using System.Text;
using Datura.Files.Pictures;
using SkiaSharp;

namespace Datura.Files.Tests;

/// <summary>Pictures that somebody brings: upright, small enough, and with nothing in them that is no picture.</summary>
public class PictureToKeepTests
{
    // Where the red corner of a picture that was taken upright lies, when the camera wrote each of the eight turns (Exif 2.32, tag 0x0112):
    // row and column of the first pixel as the eye sees it.
    public static TheoryData<int, bool, bool> Turns => new()
    {
        { 1, false, false }, { 2, false, true }, { 3, true, true }, { 4, true, false }, { 5, false, false }, { 6, false, true }, { 7, true, true }, { 8, true, false },
    };

    [Theory]
    [MemberData(nameof(Turns))]
    public void APictureStandsAsTheCameraWasHeld(int orientation, bool below, bool right)
    {
        using var kept = SKBitmap.Decode(PictureToKeep.Of(WithExif(Picture(60, 40), orientation), "Quay"));
        Assert.Equal(orientation >= 5 ? (40, 60) : (60, 40), (kept.Width, kept.Height));
        foreach (var (atRight, atBottom) in new[] { (false, false), (true, false), (false, true), (true, true) })
        {
            var pixel = kept.GetPixel(atRight ? kept.Width - 4 : 3, atBottom ? kept.Height - 4 : 3);
            Assert.Equal(atRight == right && atBottom == below, pixel.Red > 150 && pixel.Blue < 120);
        }
    }

    [Fact]
    public void WhatTheCameraWroteIsGone()
    {
        var file = WithExif(Picture(60, 40), 1, "Owner of the harbour camera");
        Assert.Contains("harbour camera", Encoding.ASCII.GetString(file), StringComparison.Ordinal);
        var kept = Encoding.ASCII.GetString(PictureToKeep.Of(file, "Quay"));
        Assert.DoesNotContain("harbour camera", kept, StringComparison.Ordinal);
        Assert.DoesNotContain("Exif", kept, StringComparison.OrdinalIgnoreCase);
    }

    [Theory]
    [InlineData(3000, 1200)]
    [InlineData(1000, 2800)]
    [InlineData(300, 200)]
    public void NoneIsLargerThanItIsLookedAtAndNoneGrows(int width, int height)
    {
        var bytes = PictureToKeep.Of(Picture(width, height), "Quay");
        using var kept = SKBitmap.Decode(bytes);
        Assert.Equal(Math.Min(Math.Max(width, height), ReferencePicture.MostSide), Math.Max(kept.Width, kept.Height));
        Assert.InRange(kept.Width / (double)kept.Height * height / width, 0.99, 1.01);
        Assert.Equal("image/webp", ReferenceCheck.KindOf(bytes));
    }

    // Noise does not pack; it is kept a little coarser rather than refused.
    [Fact]
    public void APictureThatDoesNotPackIsKeptCoarser()
    {
        var random = new Random(4);
        using var noise = new SKBitmap(1400, 1400);
        noise.Pixels = [.. Enumerable.Range(0, 1400 * 1400).Select(_ => new SKColor((uint)random.Next() | 0xFF000000))];
        using var data = noise.Encode(SKEncodedImageFormat.Png, 100);
        Assert.InRange(PictureToKeep.Of(data.ToArray(), "Noise").Length, 1, ReferencePicture.MostBytes);
    }

    [Fact]
    public void WhatIsNoPictureIsRefused()
    {
        var random = new Random(9);
        foreach (var file in new[] { [], "no picture"u8.ToArray(), Picture(60, 40)[..40], Bytes(random, 5000), [0xFF, 0xD8, 0xFF, .. Bytes(random, 400)] })
        {
            Assert.Contains("Quay is no picture", Assert.Throws<InputException>(() => PictureToKeep.Of(file, "Quay")).Message, StringComparison.Ordinal);
        }
    }

    // PNG, 3rd edition, 11.2.1: width and height stand behind the chunk's name; what claims to be huge is not unpacked.
    [Fact]
    public void APictureThatClaimsToBeHugeIsNotOpened()
    {
        using var data = new SKBitmap(8, 8).Encode(SKEncodedImageFormat.Png, 100);
        var png = data.ToArray();
        (png[16], png[17], png[20], png[21]) = (0, 1, 0, 1);
        Assert.Throws<InputException>(() => PictureToKeep.Of(png, "Quay"));
    }

    private static byte[] Bytes(Random random, int count)
    {
        var bytes = new byte[count];
        random.NextBytes(bytes);
        return bytes;
    }

    // Blue, with a red corner at the upper left.
    private static byte[] Picture(int width, int height)
    {
        using var bitmap = new SKBitmap(width, height);
        using var canvas = new SKCanvas(bitmap);
        canvas.Clear(new SKColor(30, 60, 200));
        using var red = new SKPaint { Color = new SKColor(220, 30, 30) };
        canvas.DrawRect(0, 0, width / 4f, height / 4f, red);
        canvas.Flush();
        using var data = bitmap.Encode(SKEncodedImageFormat.Jpeg, 95);
        return data.ToArray();
    }

    // One tag of one byte order: Exif 2.32, 4.5.4 and 4.6.2, behind the start of image.
    private static byte[] WithExif(byte[] jpeg, int orientation, string owner = "")
    {
        var text = Encoding.ASCII.GetBytes(owner + "\0");
        byte[] tiff =
        [
            (byte)'M', (byte)'M', 0, 42, 0, 0, 0, 8, 0, 2,
            0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, (byte)orientation, 0, 0,
            0x01, 0x3B, 0, 2, 0, 0, 0, (byte)text.Length, 0, 0, 0, 38, 0, 0, 0, 0, .. text,
        ];
        byte[] segment = [.. "Exif\0\0"u8, .. tiff];
        var length = segment.Length + 2;
        return [0xFF, 0xD8, 0xFF, 0xE1, (byte)(length >> 8), (byte)length, .. segment, .. jpeg[2..]];
    }
}
