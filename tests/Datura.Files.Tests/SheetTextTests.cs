using Datura.Files.Sheets;
using SkiaSharp;

namespace Datura.Files.Tests;

/// <summary>What a sheet says can be read on it.</summary>
public class SheetTextTests
{
    // A letter that the font lacks is printed as an empty box.
    [Fact]
    public void EverySentenceIsWrittenInLettersThatTheFontHas() => Assert.All(Catalogue.All, sentence =>
    {
        var printed = SheetCanvas.Printable(sentence.Value.Text);
        foreach (var face in new[] { SheetFonts.Text, SheetFonts.Bold })
        {
            using var font = new SKFont(face);
            Assert.True(font.ContainsGlyphs(printed), printed);
        }
    });
}
