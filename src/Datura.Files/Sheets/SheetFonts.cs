using SkiaSharp;

namespace Datura.Files.Sheets;

/// <summary>The fonts that ship with the program.</summary>
internal static class SheetFonts
{
    public static SKTypeface Text { get; } = Load("AtkinsonHyperlegibleNext-Regular.ttf");

    public static SKTypeface Bold { get; } = Load("AtkinsonHyperlegibleNext-Bold.ttf");

    public static SKTypeface Heading { get; } = Load("Fraunces-SemiBold.ttf");

    private static SKTypeface Load(string name)
    {
        using var stream = typeof(SheetFonts).Assembly.GetManifestResourceStream(name)!;
        using var copy = new MemoryStream();
        stream.CopyTo(copy);
        return SKTypeface.FromData(SKData.CreateCopy(copy.ToArray()));
    }
}
