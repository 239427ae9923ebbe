using Datura.Core.Shapes;
using Datura.Files.Motifs;

namespace Datura.Files.Tests;

/// <summary>Drawings that were cut off or scrambled on their way are read or refused in a sentence.</summary>
public class TornDrawingTests
{
    private static readonly string[] Pieces =
    [
        "<g>", "</g>", "<path d='", "M0 0", "L 10", "1e999", "-", "z", "A5 5 0 1 1 9 9", "'/>", "<rect width='9' height='-9'/>", "<circle r='NaN'/>", "transform='rotate(1e9)'", "&#x0;",
        "<!DOCTYPE a [<!ENTITY b 'c'>]>", "<svg>", "</svg>", "stroke-width='1e9'", "<use href='#a'/>",
    ];

    [Fact]
    public void ATornDrawingIsReadOrRefused()
    {
        var whole = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 100 100'><g transform='scale(2)'><path d='M10 10 C20 20 40 20 50 10 z'/><circle cx='50' cy='50' r='20'/></g></svg>";
        for (var seed = 0; seed < 800; seed++)
        {
            var random = new Random(seed);
            var text = whole;
            for (var n = random.Next(1, 4); n > 0; n--)
            {
                var at = random.Next(text.Length);
                text = random.Next(3) switch
                {
                    0 => text[..at] + text[Math.Min(text.Length, at + random.Next(9))..],
                    1 => text[..at] + Pieces[random.Next(Pieces.Length)] + text[at..],
                    _ => text[..at] + whole[random.Next(whole.Length)..],
                };
            }

            try
            {
                var motif = SvgMotif.Read("torn", text);
                Assert.Null(MotifCheck.Of(motif, "motif"));
            }
            catch (InputException refused)
            {
                Assert.EndsWith(".", refused.Message, StringComparison.Ordinal);
            }
        }
    }
}
