using System.Text;
using Datura.Core.Paint;

namespace Datura.Files.Kits;

/// <summary>The opaque colours of a kit as a GPL palette, a plain list that drawing programs read.</summary>
public static class PaletteGpl
{
    public static string Of(Kit kit)
    {
        var text = new StringBuilder().Append("GIMP Palette\nName: ").Append(OneLine(kit.Name)).Append("\nColumns: 8\n#\n");
        foreach (var paint in kit.Paints)
        {
            var c = Srgb.From(new PaintStackProbe(PaintOptics.Of(paint)).OpaqueColour);
            text.Append(System.Globalization.CultureInfo.InvariantCulture, $"{c.R,3} {c.G,3} {c.B,3}\t{OneLine(paint.Name)}\n");
        }

        return text.ToString();
    }

    private static string OneLine(string name) => name.ReplaceLineEndings(" ");
}
