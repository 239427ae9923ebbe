using System.Buffers.Binary;

namespace Datura.Files.Photos;

/// <summary>Writes into a JPEG what a camera would: its focal length as of 35 mm film (Exif 2.32, tag A405).</summary>
public static class ExifFocal
{
    // A frame of 35 mm film is so long, mm.
    private const double FilmMm = 36;

    /// <param name="focalPx">Focal length, px.</param>
    /// <param name="longPx">Longer side of the picture, px.</param>
    public static byte[] Into(byte[] jpeg, double focalPx, double longPx)
    {
        Span<byte> exif = stackalloc byte[56];
        exif.Clear();
        "Exif\0\0MM\0*"u8.CopyTo(exif);
        var tiff = exif[6..];
        void Short(Span<byte> at, int offset, int value) => BinaryPrimitives.WriteUInt16BigEndian(at[offset..], (ushort)value);
        void Long(Span<byte> at, int offset, int value) => BinaryPrimitives.WriteInt32BigEndian(at[offset..], value);
        // Header, then one entry that leads to the Exif directory, then that directory with its one entry.
        Long(tiff, 4, 8);
        Short(tiff, 8, 1);
        Short(tiff, 10, 0x8769);
        Short(tiff, 12, 4);
        Long(tiff, 14, 1);
        Long(tiff, 18, 26);
        Short(tiff, 26, 1);
        Short(tiff, 28, 0xA405);
        Short(tiff, 30, 3);
        Long(tiff, 32, 1);
        Short(tiff, 36, (int)Math.Round(focalPx / longPx * FilmMm));
        var result = new byte[jpeg.Length + 4 + exif.Length];
        jpeg.AsSpan(0, 2).CopyTo(result);
        (result[2], result[3]) = (0xFF, 0xE1);
        BinaryPrimitives.WriteUInt16BigEndian(result.AsSpan(4), (ushort)(exif.Length + 2));
        exif.CopyTo(result.AsSpan(6));
        jpeg.AsSpan(2).CopyTo(result.AsSpan(6 + exif.Length));
        return result;
    }
}
