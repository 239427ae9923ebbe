using Datura.Core;
using Datura.Files.Pictures;
using SkiaSharp;

namespace Datura.Files.Sheets;

/// <summary>The short sheet for the booth: one page, the face after each step, the paint and the clock, and hardly a word.</summary>
public static class BoothSheet
{
    private const int Pixels = 320;
    private const float TextHeight = 26;
    private const float Gap = 7;

    public static byte[] Pdf(PlannedLook look, PaperSize paper)
    {
        var plan = look.Plan;
        using var stream = new MemoryStream();
        using (var sheet = new SheetCanvas(stream, paper, $"{plan.Look} on {plan.Face}, booth", $"{plan.Look} · {plan.Face} · the product's label and local rules come first"))
        {
            sheet.Text(plan.Look, SheetCanvas.Margin, sheet.Y + 22, SheetFonts.Heading, 24);
            sheet.Text($"{Units.Clock(plan.TotalSeconds)} min", SheetCanvas.Margin + sheet.Width, sheet.Y + 22, SheetFonts.Bold, 22, align: SKTextAlign.Right);
            sheet.Y += 34;
            var (columns, size) = Grid(plan.Steps.Count, sheet.Width, sheet.Bottom - sheet.Y);
            var top = sheet.Y;
            var pictures = BustPicture.Steps(look, BustView.FaceClose, Pixels, Pixels);
            for (var k = 0; k < plan.Steps.Count; k++)
            {
                var step = plan.Steps[k];
                var x = SheetCanvas.Margin + k % columns * (size + Gap);
                var y = top + k / columns * (size + TextHeight + Gap);
                sheet.Picture(StepSheet.Seen(look, pictures[step.Number], Pixels, Pixels), Pixels, Pixels, new(x, y, x + size, y + size));
                sheet.Text($"{step.Number}", x + 5, y + 17, SheetFonts.Bold, 15, 255);
                sheet.Swatch(step.PaintColour, new(x, y + size + 4, x + 16, y + size + 20));
                sheet.Text(Units.Clock(step.StartSeconds + step.SetUpSeconds + step.WorkSeconds), x + size, y + size + 17, SheetFonts.Bold, Math.Min(13, size / 6), align: SKTextAlign.Right);
                if (step.WaitSeconds >= 1)
                {
                    sheet.Text($"wait {Units.Clock(step.WaitSeconds)}", x + 21, y + size + 16, SheetFonts.Text, Math.Min(10, size / 8));
                }

                if (plan.Stages.Any(s => s.LastStep == step.Number && s != plan.Stages[^1]))
                {
                    sheet.Text("may stop", x + size - 5, y + 15, SheetFonts.Bold, Math.Min(11, size / 7), 255, SKTextAlign.Right);
                }
            }
        }

        return stream.ToArray();
    }

    // As large as the page allows.
    private static (int Columns, float Size) Grid(int steps, float width, float height)
    {
        var best = (Columns: 1, Size: 0f);
        for (var columns = 1; columns <= Math.Max(1, steps); columns++)
        {
            var rows = (steps + columns - 1) / columns;
            var size = Math.Min((width - (columns - 1) * Gap) / columns, (height - rows * (TextHeight + Gap)) / Math.Max(1, rows));
            best = size > best.Size ? (columns, size) : best;
        }

        return best;
    }
}
