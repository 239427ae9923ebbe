using System.Globalization;
using Datura.Core;
using Datura.Core.Caution;
using Datura.Core.Form;
using Datura.Files.Pictures;
using SkiaSharp;

namespace Datura.Files.Sheets;

/// <summary>The printed step sheet: what another painter needs to put the same face on the same wearer.</summary>
public static class StepSheet
{
    private const int StepPictureWidth = 300;
    private const int StepPictureHeight = 300;
    private const float TitleLine = 14;

    /// <param name="look">The plan and its coats.</param>
    /// <param name="paper">A4 or Letter.</param>
    /// <param name="inches">Lengths in inches instead of millimetres.</param>
    public static byte[] Pdf(PlannedLook look, PaperSize paper, bool inches = false)
    {
        var plan = look.Plan;
        using var stream = new MemoryStream();
        using (var sheet = new SheetCanvas(stream, paper, $"{plan.Look} on {plan.Face}", $"{plan.Look} · {plan.Face} · {plan.Kit}. {Sides(plan)}"))
        {
            Heading(sheet, plan);
            Views(sheet, look);
            Before(sheet, plan);
            if (look.Form is { } form)
            {
                Tones(sheet, look, form);
            }

            Steps(sheet, look, inches);
            Notes(sheet);
        }

        return stream.ToArray();
    }

    private static string Sides(Plan plan) => plan.Setting.OnOneself ? "Pictures as in the mirror: your left is left." : "Left and right are the wearer's.";

    /// <summary>A picture as the painter sees the face.</summary>
    internal static byte[] Seen(PlannedLook look, byte[] rgba, int width, int height) => look.Plan.Setting.OnOneself ? BustPicture.Mirrored(rgba, width, height) : rgba;

    private static void Heading(SheetCanvas sheet, Plan plan)
    {
        sheet.Text(plan.Look, SheetCanvas.Margin, sheet.Y + 22, SheetFonts.Heading, 24);
        sheet.Text($"{Units.Clock(plan.TotalSeconds)} min", SheetCanvas.Margin + sheet.Width, sheet.Y + 20, SheetFonts.Bold, 18, align: SKTextAlign.Right);
        sheet.Text(
            FormattableString.Invariant($"on {plan.Face} ({plan.SkinClass} skin) · {plan.Setting.Name}, {plan.Setting.Light}, seen from {plan.Setting.ViewingDistanceM:0.#} m"),
            SheetCanvas.Margin, sheet.Y + 38, SheetFonts.Text, 10, 40);
        sheet.Text(
            string.Create(CultureInfo.InvariantCulture, $"{plan.Time.LowSeconds / 60:0} to {plan.Time.HighSeconds / 60:0} min in most sessions · slot {plan.Setting.SlotMinutes:0.#} min " +
            $"· {plan.Steps.Count} steps · waiting {Units.Clock(plan.WaitingSeconds)} · {plan.PaintedCm2:0} cm² painted"),
            SheetCanvas.Margin, sheet.Y + 51, SheetFonts.Text, 10, 40);
        sheet.Y += 62;
        if (plan.ThisTime.Count > 0)
        {
            sheet.Y += sheet.Paragraph($"This time: {string.Join("; ", plan.ThisTime)}.", SheetCanvas.Margin, sheet.Y - 4, sheet.Width, SheetFonts.Bold, 10);
        }

    }

    private static void Views(SheetCanvas sheet, PlannedLook look)
    {
        const float gap = 8;
        var width = (sheet.Width - 2 * gap) / 3;
        var height = width * 1.18f;
        (string Name, BustView View)[] views =
        [
            ("right three-quarter", BustView.ThreeQuarterRight), ("front", BustView.Front), ("left three-quarter", BustView.ThreeQuarterLeft),
        ];
        for (var k = 0; k < views.Length; k++)
        {
            var x = SheetCanvas.Margin + k * (width + gap);
            var (rgba, w, h) = BustPicture.Finished(look, views[k].View, 420, (int)(420 * 1.18));
            sheet.Picture(Seen(look, rgba, w, h), w, h, new(x, sheet.Y, x + width, sheet.Y + height));
            sheet.Text(views[k].Name, x + width / 2, sheet.Y + height + 11, SheetFonts.Text, 8.5f, 60, SKTextAlign.Center);
        }

        sheet.Y += height + 20;
    }

    private static void Before(SheetCanvas sheet, Plan plan)
    {
        sheet.Text("Before you start", SheetCanvas.Margin, sheet.Y + 12, SheetFonts.Heading, 13);
        sheet.Y += 18;
        foreach (var (sentence, bold) in UsualCautions.Always.Select(s => (s.Sentence, false))
            .Concat(plan.Cautions.Where(c => c.Parts.Count == 0 || c.Severity == Severity.Stop).Select(c => (c.Passed is null ? c.Sentence : $"{c.Sentence} Passed: {c.Passed}", true))))
        {
            var face = bold ? SheetFonts.Bold : SheetFonts.Text;
            var height = SheetCanvas.ParagraphHeight(sentence, sheet.Width - 12, face, 9);
            sheet.Need(height + 2);
            sheet.Text("–", SheetCanvas.Margin, sheet.Y + 9, face, 9);
            sheet.Y += sheet.Paragraph(sentence, SheetCanvas.Margin + 12, sheet.Y, sheet.Width - 12, face, 9) + 1.5f;
        }

        sheet.Y += 8;
    }

    // The tone map from the front and both sides, its key, and the hollows and lights by name.
    private static void Tones(SheetCanvas sheet, PlannedLook look, FormPlan form)
    {
        const float gap = 8;
        var width = (sheet.Width - 2 * gap) / 3;
        var height = width * 1.1f;
        sheet.Need(height + 110);
        sheet.Text("Tone map", SheetCanvas.Margin, sheet.Y + 12, SheetFonts.Heading, 13);
        sheet.Text(
            FormattableString.Invariant($"{100 * Math.Max(0, form.Closure.Painted):0} % of the form reads from {look.Plan.Setting.ViewingDistanceM:0.#} m; 1 is the lightest tone, {form.Bands.BaseNumber} the base"),
            SheetCanvas.Margin + sheet.Width, sheet.Y + 12, SheetFonts.Text, 9, 60, SKTextAlign.Right);
        sheet.Y += 18;
        BustView[] views = [BustView.ThreeQuarterRight, BustView.Front, BustView.ThreeQuarterLeft];
        const int pixels = 480;
        for (var k = 0; k < views.Length; k++)
        {
            var x = SheetCanvas.Margin + k * (width + gap);
            var (rgba, numbers) = FormPicture.Tones(form, look.Body, views[k] with { CentreYMm = -40, HeightMm = 380 }, pixels, (int)(pixels * 1.1));
            sheet.Picture(Seen(look, rgba, pixels, (int)(pixels * 1.1)), pixels, (int)(pixels * 1.1), new(x, sheet.Y, x + width, sheet.Y + height));
            foreach (var (number, px, py) in numbers.Where(n => n.X > 0 && n.X < pixels && n.Y > 0 && n.Y < pixels * 1.1))
            {
                var across = look.Plan.Setting.OnOneself ? pixels - px : px;
                sheet.Text(number.ToString(System.Globalization.CultureInfo.InvariantCulture), x + across / pixels * width, sheet.Y + py / pixels * width + 3, SheetFonts.Bold, 8, 20, SKTextAlign.Center);
            }
        }

        sheet.Y += height + 8;
        foreach (var tone in form.Bands.Tones)
        {
            if (look.Jobs.FirstOrDefault(j => j.PartId == FormKind.PartId && j.Role.Id == FormKind.Role(tone)) is not { } job)
            {
                continue;
            }

            var places = string.Join(", ", form.Places.Where(p => p.Tone == tone.Number).Take(6).Select(p =>
                FormattableString.Invariant($"{p.Zone}{(p.Side == Side.Middle ? "" : p.Side == Side.Left ? " left" : " right")} {p.AreaCm2:0.#}")));
            var sentence = string.Create(CultureInfo.InvariantCulture,
                $"{(tone.IsLight ? "lighter" : "darker")} by {Math.Abs(tone.Change):0.#} L*, {100 * job.Lay.Film:0} % of a usual coat: " +
                $"{look.Plan.Parts.Single(p => p.Id == FormKind.PartId).Coats.Single(c => c.Role == job.Role.Id).Paint}. cm²: {places}.");
            var tall = SheetCanvas.ParagraphHeight(sentence, sheet.Width - 20, SheetFonts.Text, 9);
            sheet.Need(tall + 3);
            sheet.Text(tone.Number.ToString(System.Globalization.CultureInfo.InvariantCulture), SheetCanvas.Margin, sheet.Y + 9, SheetFonts.Bold, 10);
            sheet.Y += sheet.Paragraph(sentence, SheetCanvas.Margin + 20, sheet.Y, sheet.Width - 20, SheetFonts.Text, 9) + 3;
        }

        sheet.Y += 8;
    }

    private static void Steps(SheetCanvas sheet, PlannedLook look, bool inches)
    {
        var pictures = BustPicture.Steps(look, BustView.FaceClose, StepPictureWidth, StepPictureHeight);
        var wide = BustPicture.Steps(look, BustView.Front, StepPictureWidth, StepPictureHeight);
        foreach (var step in look.Plan.Steps)
        {
            var onBody = StepPicture.IsOnBody(look.Plan, step);
            if (look.Plan.Stages.FirstOrDefault(s => s.FirstStep == step.Number) is { } begins)
            {
                Stage(sheet, begins, begins == look.Plan.Stages[^1]);
            }

            Step(sheet, step, Seen(look, (onBody ? wide : pictures)[step.Number], StepPictureWidth, StepPictureHeight), inches);
        }
    }

    // What a stage takes, and that one may stop after it.
    private static void Stage(SheetCanvas sheet, PlanStage stage, bool last)
    {
        const float room = 30;
        sheet.Need(room + 140);
        sheet.Text(stage.Name, SheetCanvas.Margin, sheet.Y + 18, SheetFonts.Heading, 13);
        sheet.Text(
            $"{Units.Clock(stage.Seconds)} min, until {Units.Clock(stage.EndSeconds)} ({Units.Clock(stage.LowSeconds)} to {Units.Clock(stage.HighSeconds)} in most sessions)" +
            (last ? "" : "; may stop after it"),
            SheetCanvas.Margin + sheet.Width, sheet.Y + 18, SheetFonts.Text, 9, 60, SKTextAlign.Right);
        sheet.Y += room;
    }

    private static void Step(SheetCanvas sheet, PlanStep step, byte[] picture, bool inches)
    {
        const float pictureSize = 118;
        const float textLeft = SheetCanvas.Margin + pictureSize + 12;
        const float size = 9.2f;
        var width = sheet.Width - pictureSize - 12;
        var lines = Lines(step, inches);
        var title = SheetCanvas.Wrap($"{step.Number}  {step.Title}", width - 165, SheetFonts.Bold, 11.5f);
        var titleHeight = 22 + (title.Count - 1) * TitleLine;
        var textHeight = 10 + titleHeight + lines.Sum(l => SheetCanvas.ParagraphHeight(l.Text, width, l.Bold ? SheetFonts.Bold : SheetFonts.Text, size) + 1);
        var height = Math.Max(pictureSize, textHeight) + 12;
        sheet.Need(height);
        var top = sheet.Y;
        sheet.Rule(SheetCanvas.Margin, top, SheetCanvas.Margin + sheet.Width, top);
        sheet.Picture(picture, StepPictureWidth, StepPictureHeight, new(SheetCanvas.Margin, top + 6, SheetCanvas.Margin + pictureSize, top + 6 + pictureSize));
        var time = $"{Units.Clock(step.SetUpSeconds + step.WorkSeconds)} min";
        for (var k = 0; k < title.Count; k++)
        {
            sheet.Text(title[k], textLeft, top + 17 + k * TitleLine, SheetFonts.Bold, 11.5f);
        }

        sheet.Text($"{time} · {Units.Clock(step.StartSeconds)} to {Units.Clock(step.StartSeconds + step.SetUpSeconds + step.WorkSeconds)}", textLeft + width, top + 17, SheetFonts.Bold, 10,
            align: SKTextAlign.Right);
        sheet.Y = top + titleHeight;
        foreach (var (text, bold, swatch) in lines)
        {
            var face = bold ? SheetFonts.Bold : SheetFonts.Text;
            var left = textLeft;
            if (swatch is not null)
            {
                sheet.Swatch(swatch, new(textLeft, sheet.Y + 2, textLeft + 14, sheet.Y + 11));
                left += 19;
            }

            sheet.Y += sheet.Paragraph(text, left, sheet.Y, width - (left - textLeft), face, size) + 1;
        }

        sheet.Y = Math.Max(sheet.Y + 6, top + pictureSize + 12);
    }

    private static IReadOnlyList<(string Text, bool Bold, string? Swatch)> Lines(PlanStep step, bool inches)
    {
        var lines = new List<(string, bool, string?)>();
        if (step.WaitSeconds >= 1)
        {
            lines.Add(($"Wait {Units.Clock(step.WaitSeconds)} first: {step.WaitsFor!.Words}.", true, null));
        }

        if (step.Painter > 1)
        {
            lines.Add(("Second painter.", true, null));
        }

        lines.AddRange(step.Mendings.Where(m => m.Before).Select(m => Mended("First", m)));
        lines.Add(($"{step.Paint}, with the {step.ToolName}: {step.Hand.ToLowerInvariant()}", true, step.PaintColour));
        lines.AddRange(step.Words.Select(w => (w, false, (string?)null)));
        lines.Add(($"Pose: {string.Join("; ", step.Poses.Select(p => p.Words))}.", false, null));
        lines.AddRange(step.Lengths.GroupBy(l => l.Part).Select(part => (
            $"{part.Key}: " + string.Join(" · ", part.Select(l =>
                $"{l.Size.Label.ToLowerInvariant()} {Units.Size(l.Size, inches)}{(l.Size.Against.Length > 0 ? $" ({l.Size.Against})" : "")}")) + ".",
            false, (string?)null)));
        lines.AddRange(step.Mendings.Where(m => !m.Before).Select(m => Mended("Then", m)));
        lines.AddRange(step.Cautions.Select(c => ($"Caution: {c}", true, (string?)null)));
        return lines;
    }

    private static (string Text, bool Bold, string? Swatch) Mended(string when, PlanMending mending) => ($"{when}, {Units.Clock(mending.Seconds)}: {mending.How}", true, null);

    private static void Notes(SheetCanvas sheet)
    {
        sheet.Need(120);
        sheet.Rule(SheetCanvas.Margin, sheet.Y, SheetCanvas.Margin + sheet.Width, sheet.Y);
        sheet.Text("Notes", SheetCanvas.Margin, sheet.Y + 18, SheetFonts.Heading, 13);
        sheet.Y += 24;
        for (var line = 0; line < 5; line++)
        {
            sheet.Y += 20;
            sheet.Rule(SheetCanvas.Margin, sheet.Y, SheetCanvas.Margin + sheet.Width, sheet.Y, 0.4f, 170);
        }
    }
}
