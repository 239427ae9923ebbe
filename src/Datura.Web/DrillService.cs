using Datura.Core.Drills;
using Datura.Core.Learn;
using Datura.Documents;
using Datura.Files.Sheets;
using Datura.Store;

namespace Datura.Web;

/// <summary>Practice: what is worth it, how it lies on card, hand or arm, and what a photo of it says.</summary>
public sealed class DrillService(Library library, PlanService plans, LearnedBooks books)
{
    // So many tries ahead a curve is drawn.
    private const int Ahead = 5;

    // Below this the law of practice has no logarithm worth having: it is as good as can be measured.
    private const double LeastOffMm = 0.05;

    private const double CurveChance = 0.8;

    /// <exception cref="InputException">There is nothing of that name to practise, or the numbers are nonsense.</exception>
    public async Task<DrillLay> LayAsync(DrillRequest request, CancellationToken cancel)
    {
        if (!Enum.IsDefined(request.Ground) || request.SharePercent is { } share && share is not (>= 100 * DrillLay.LeastShare and <= 100 * DrillLay.MostShare) || request.TurnDeg is { } turn && turn is not (>= -180 and <= 180))
        {
            throw new InputException("sharePercent", ProblemCode.DrillLaid, ("least", 100 * DrillLay.LeastShare), ("most", 100 * DrillLay.MostShare));
        }

        var ground = GroundSurface.Of(request.Ground, request.Hand ?? new());
        var lay = DrillLay.Of(await FigureAsync(request, cancel), ground);
        return request.SharePercent is { } wished ? lay with { Share = wished / 100, TurnRad = (request.TurnDeg ?? 0) * Math.PI / 180 } : lay;
    }

    public async Task<DrillScoreResource> ScoreAsync(DrillPhotoRequest request, CancellationToken cancel)
    {
        var lay = await LayAsync(request.Drill, cancel);
        var picture = PictureOf(request, lay.Ground);
        var read = InkReading.Of(request.Drill.Ground == DrillGround.Card ? picture.Upwards() : picture, lay);
        return lay.Score(read) is { } score ? DrillScoreResource.Of(request, score, read) : throw new InputException("rgb", ProblemCode.DrillNothing);
    }

    /// <param name="look">For which it is practised.</param>
    public async Task<IReadOnlyList<DrillAdviceResource>> AdviceAsync(DrillBook book, string look, string? face, string? kit, string? setting, DateOnly today, CancellationToken cancel)
    {
        DocumentTypes.Drills.Check(book);
        var planned = await plans.PlanAsync(await plans.UsualAsync(await library.LookAsync(look, cancel), face, kit, setting, cancel), withCard: false, cancel);
        var pace = (await books.OfAsync(book.Name, cancel)).Pace;
        Painting[] seen = [.. (await library.AllAsync(DocumentTypes.Painting, cancel)).Where(p => p.Painter == book.Name && p.Look == look && p.Findings.Count > 0)];
        var slips = seen.SelectMany(p => p.Findings.Select(f => f.Part).Distinct()).GroupBy(p => p).ToDictionary(g => g.Key, g => (double)g.Count() / seen.Length);
        return
        [
            .. DrillAdvice.Of(look, planned.Jobs, pace, slips, book.Tries, today)
                .Where(a => DrillKinds.Find(a.Exercise) is not null || planned.Parts.Any(p => $"{look}/{p.Part.Id}" == a.Exercise && DrillFigure.Of(p, planned.Body) is not null))
                .Select(a => Resource(a, planned.Parts.FirstOrDefault(p => $"{look}/{p.Part.Id}" == a.Exercise)?.Label ?? "", book)),
        ];
    }

    private static DrillAdviceResource Resource(DrillAdvice advice, string name, DrillBook book)
    {
        DrillTry[] tries = [.. book.Tries.Where(t => t.Exercise == advice.Exercise).OrderBy(t => t.On)];
        if (tries.Length == 0)
        {
            return new(advice, name, 0, null, [], []);
        }

        var practice = PracticeOf.Of(advice.Exercise, [.. tries.Select(t => (t.On, Math.Max(LeastOffMm, t.ShapeMm)))]);
        var bands = practice.Law is { } law ? Enumerable.Range(1, tries.Length + Ahead).Select(n => law.Band(n, CurveChance)).ToArray() : [];
        return new(advice, name, tries.Length, PracticeResource.Of(practice), [.. bands.Select(b => Math.Round(b.Low, 4))], [.. bands.Select(b => Math.Round(b.High, 4))]);
    }

    private async Task<DrillFigure> FigureAsync(DrillRequest request, CancellationToken cancel)
    {
        if (DrillKinds.Find(request.Exercise) is { } kind)
        {
            return DrillFigure.Of(kind);
        }

        var cut = request.Exercise?.IndexOf('/', StringComparison.Ordinal) ?? -1;
        if (cut <= 0)
        {
            throw new InputException("exercise", ProblemCode.DrillExercise, ("exercise", request.Exercise ?? ""));
        }

        try
        {
            var planned = await plans.PlanAsync(
                await plans.UsualAsync(await library.LookAsync(request.Exercise![..cut], cancel), request.Face, request.Kit, request.Setting, cancel), withCard: false, cancel);
            return planned.Parts.FirstOrDefault(p => p.Part.Id == request.Exercise[(cut + 1)..]) is { } part && DrillFigure.Of(part, planned.Body) is { } figure ? figure : throw Unknown();
        }
        catch (MissingDocumentException gone) when (gone.Kind == DocumentTypes.Look.Name)
        {
            throw Unknown();
        }

        InputException Unknown() => new("exercise", ProblemCode.DrillExercise, ("exercise", request.Exercise!));
    }

    private static InkPicture PictureOf(DrillPhotoRequest request, GroundSurface ground)
    {
        var sound = request.StepMm is >= 0.1 and <= 1 && request.Columns > 0 && request.Rows > 0 && (long)request.Columns * request.Rows <= InkPicture.MostPixels
            && request.Columns * request.StepMm is var width && width >= ground.WidthMm - request.StepMm && width <= ground.WidthMm + 5
            && request.Rows * request.StepMm is var height && height >= ground.HeightMm - request.StepMm && height <= ground.HeightMm + 5;
        var bytes = new byte[sound ? 3 * request.Columns * request.Rows : 0];
        if (!sound || !Convert.TryFromBase64String(request.Rgb ?? "", bytes, out var read) || read != bytes.Length)
        {
            throw new InputException("rgb", ProblemCode.DrillPicture, ("pixels", InkPicture.MostPixels));
        }

        return new(bytes, request.Columns, request.Rows, request.StepMm);
    }

    /// <summary>What the marks of a sheet are.</summary>
    public static IReadOnlyList<string> Words(DrillRequest request) => DrillMarks.Words(request.Ground, request.LeftHanded);
}
