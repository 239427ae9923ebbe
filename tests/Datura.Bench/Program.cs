using System.Diagnostics;
using System.Text.Json;
using Datura.Bench;
using Datura.Core;
using Datura.Core.Body;
using Datura.Core.Briefs;
using Datura.Core.Calls;
using Datura.Core.Caution;
using Datura.Core.Characters;
using Datura.Core.Days;
using Datura.Core.Fit;
using Datura.Core.Form;
using Datura.Core.Order;
using Datura.Core.Paint;
using Datura.Core.Shapes;
using Datura.Core.Shapes.Transfer;
using Datura.Documents;
using Datura.Files.Pictures;
using NetTopologySuite.Geometries;
using SkiaSharp;

if (args is ["truth"])
{
    Datura.Bench.Truth.Print();
    return;
}

// Speed as ratios to a floor measured in the same run. Medians after warming up; nothing here passes or fails.
var kit = Load<Kit>("kits/saltmarsh-box");
var setting = Load<Setting>("settings/night-parade");
var face = Load<Face>("faces/bartram");
var look = DocumentTypes.Look.ReadFile(File.ReadAllText(Demo("looks/drowned-lamp-keeper")));

var start = Stopwatch.StartNew();
var body = FittedBody.For(face.MeasuresMm);
Console.WriteLine(FormattableString.Invariant($"first body, reference skin included: {start.ElapsedMilliseconds} ms (once a start)"));
Console.WriteLine();

var planned = Planner.Plan(look, face, body, kit, setting);
var count = 0;
var fit = Median(12, () => FittedBody.For(new Dictionary<string, double>(face.MeasuresMm) { ["mouthWidth"] = 52 + 0.01 * count++ }));
var copy = Median(12, () => body.Skin.Moved([], []));
var plan = Median(30, () => Planner.Plan(look, face, body, kit, setting));
var serialise = Median(30, () => JsonSerializer.Serialize(planned.Plan, DaturaJson.Compact));
var picture = Median(12, () => Paint(1024));
var larger = Median(6, () => Paint(2048));
var skia = Median(12, FillFlat);

Console.WriteLine("| what | ms | floor | ms | ratio | aim |");
Console.WriteLine("|---|---:|---|---:|---:|---|");
Row("body fit, 13 measures", fit, "copying the skin's points", copy, "under 150 ms");
Row("plan of the larger demo look", plan, "serialising the plan", serialise, "under 100 ms");
Row("paint picture 1024×1024 with grain", picture, "SkiaSharp filling the same outlines flat", skia, "under 5 times");
Row("paint picture 2048×2048", larger, "paint picture 1024×1024", picture, "under 4.5 times");

// Thirty kinds of the demo looks at once: more coats than any of them has.
var thirty = new Look("Thirty", "", Mapping.Freehand, [.. Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "demo", "looks")).Order(StringComparer.Ordinal)
    .SelectMany(f => DocumentTypes.Look.ReadFile(File.ReadAllText(f)).Parts).DistinctBy(p => p.Kind).Take(20).Select((p, k) => p with { Id = $"p{k}", Hung = p.Hung?.On is null ? p.Hung : null })]);
var many = Planner.Plan(thirty, face, body, kit, setting);
var coats = many.Coats.Sum(s => s.Count);
Row(FormattableString.Invariant($"paint picture 1024×1024 of {coats} coats"), Median(12, () => PaintOf(many, 1024)), "paint picture 1024×1024", picture, "under 150 ms");
Row(FormattableString.Invariant($"build strip, {many.Coats.Count + 1} pictures"), Median(6, () => BustPicture.Strip(many, BustView.Strip, 128, 132)), "paint picture 1024×1024", picture,
    "under 400 ms");

// Form: the whole of it, and coarse as while a lamp is dragged, against a pass that only finds the normals.
var bare = planned.Parts;
var grid = FormGrid.Of(body);
var normals = Median(8, () => { var sum = 0.0; for (var row = 0; row < grid.Height; row++) { for (var column = 0; column < grid.Width; column++) { sum += grid.Normal[row * grid.Width + column].Z; } } return sum; });
var ground = PaintStack.OnSkin(face.Skin);
_ = FormPlan.Of(FormWish.Usual, bare, body, kit, ground, setting, FormGrid.CoarsePixels);
Row(FormattableString.Invariant($"form of {grid.Width}×{grid.Height} cells: map, bands, closure"), Median(8, () => FormPlan.Of(FormWish.Usual, bare, body, kit, ground, setting)),
    "one pass over the normals", normals, "under 300 ms");
Row("the same on coarse cells", Median(8, () => FormPlan.Of(FormWish.Usual, bare, body, kit, ground, setting, FormGrid.CoarsePixels)), "one pass over the normals", normals, "under 50 ms");

var held = FormPlan.Hold(FormWish.Usual, bare, body, kit, ground, setting);
const int heldPixels = 448;
var bareRgba = Paint(heldPixels);
Row(FormattableString.Invariant($"lamp dragged: tones and {heldPixels}×{heldPixels} picture, as PNG"),
    Median(20, () => Png.Of(FormPicture.Tinted(bareRgba, heldPixels, held.Relief.Grid, held.Under(new(count++ % 80, 30))), heldPixels, heldPixels)), "one pass over the normals", normals,
        "under 50 ms");

// Order: steps of many parts, each with its own mixes so that they do not run together.
Console.WriteLine();
Console.WriteLine("| steps | network ms | first answer ms | shortest, 3 s | gap | to stage by stage, waiting |");
Console.WriteLine("|---:|---:|---:|---:|---:|---:|");
var ordered = Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "demo", "looks")).Order(StringComparer.Ordinal)
    .SelectMany(f => DocumentTypes.Look.ReadFile(File.ReadAllText(f)).Parts).Where(p => p.Kind != "skinBase").Select(p => p with { Hung = p.Hung?.On is null ? p.Hung : null }).ToArray();
foreach (var parts in new[] { 5, 20, 40, 80, 160 })
{
    PaintMix Own(int k, int r) => new([new(kit.Paints[(k * 7 + r) % 13].Id, 1 + k % 5), new(kit.Paints[(k * 3 + 5) % 13].Id, 1 + k % 3)]);
    var varied = new Look("Varied", "", Mapping.Pencil, [.. Enumerable.Range(0, parts)
        .Select(k => ordered[k % ordered.Length] with { Id = $"p{k}", Paints = ordered[k % ordered.Length].Paints.ToDictionary(p => p.Key, p => Own(k, p.Key.Length)) })]);
    var jobs = CoatJobs.Of(varied, [.. varied.Parts.Select(p => new ExpandedPart(p, PartKinds.Find(p.Kind)!, PartKinds.Find(p.Kind)!.Expand(body, p, setting.Costume)))], body, kit);
    var made = Median(3, () => StepNetwork.Of(jobs));
    var network = StepNetwork.Of(jobs);
    var atOnce = Median(3, () => ListScheduler.Best(network));
    var found = ShortestOrder.Of(network, 3);
    Console.WriteLine(FormattableString.Invariant($"| {network.Count} | {made:0} | {atOnce:0} | {found.Table.TotalSeconds / 60:0.0} min | {100 * found.Gap:0.0} % | {found.Table.TotalSeconds / ListScheduler.NaiveSeconds(network):0.00} |"));
}

Console.WriteLine();
Console.WriteLine("| demo look | steps | likely min | to stage by stage, waiting |");
Console.WriteLine("|---|---:|---:|---:|");
foreach (var file in Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "demo", "looks")).Order(StringComparer.Ordinal))
{
    var one = Planner.Plan(DocumentTypes.Look.ReadFile(File.ReadAllText(file)), face, body, kit, setting);
    Console.WriteLine(FormattableString.Invariant($"| {one.Plan.Look} | {one.Steps.Count} | {one.Plan.TotalSeconds / 60:0.0} | {one.Plan.TotalSeconds / ListScheduler.NaiveSeconds(one.Network!):0.00} |"));
}

// A crowded look: the demo's parts over and over, as many as asked for.
var crowd = Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "demo", "looks")).Order(StringComparer.Ordinal)
    .SelectMany(f => DocumentTypes.Look.ReadFile(File.ReadAllText(f)).Parts).Where(p => p.Kind != "skinBase").Select(p => p with { Hung = p.Hung?.On is null ? p.Hung : null }).ToArray();
// Growth is read off the same ten over and over, so that only their number grows.
Look Same(int parts) => new("Same", "", Mapping.Pencil, [.. Enumerable.Range(0, parts).Select(k => crowd[3 * (k % 10)] with { Id = $"p{k}" })]);
Look Crowd(int parts) => new("Crowd", "", Mapping.Pencil, [.. Enumerable.Range(0, parts).Select(k => crowd[k % crowd.Length] with { Id = $"p{k}" })]);
var forty = Crowd(40);
var shapes = Median(12, () => Mapped(forty));
Row("marks, sizes, checks and dots of 40 parts", shapes, "serialising the plan", serialise, "under 80 ms");
// The same with a tool, technique and water of the painter's own for every coat, in two stages, mended here and there.
var hand = new Random(5);
var own40 = forty with
{
    Parts = [.. forty.Parts.Select(p => p with { Laid = p.Paints.ToDictionary(m => m.Key, m => RandomLooks.WithHand(hand, CoatLay.Usual, m.Value, kit)) })],
    Stages = [new("Basic", []), new("More", [.. forty.Parts.Skip(20).Select(p => p.Id)])],
    Mendings = [.. forty.Parts.Where((_, k) => k % 4 == 0).SelectMany(p => p.Paints.Keys.Take(1).Select(r => new Mending(MendingKind.EvenUp, $"{p.Id}/{r}")))],
};
Row("the same with own tools, stages and mending", Median(12, () => Mapped(own40)), "marks, sizes, checks and dots of 40 parts", shapes, "under 80 ms");
var dragged = Median(20, () =>
{
    var moved = look.Parts.Select(p => p.Id == "sockets" ? p with { Numbers = new Dictionary<string, double>(p.Numbers) { ["downCheek"] = 12 + 0.01 * count++ } } : p);
    var again = Planner.Plan(look with { Parts = [.. moved] }, face, body, kit, setting);
    var small = new PaintPicture(face.Skin, new(448));
    small.Lay(again.Coats.SelectMany(s => s));

    return small.Rgba();
});
Row("drag of a handle: plan and 448×448 picture", dragged, "plan of the larger demo look", plan, "under 120 ms");

var whole40 = Planner.Plan(forty with { Mapping = Mapping.Freehand }, face, body, kit, setting);
var chair40 = Datura.Core.Chair.ChairPlan.Of(whole40).Select(s => new Datura.Core.Chair.ChairStepState(s, Datura.Core.Chair.StepStatus.Open, 0, 0, null, s.Seconds)).ToArray();
var ways40 = LookVersions.Ways(forty with { Mapping = Mapping.Freehand }, whole40, kit, setting);
var going40 = Datura.Core.Chair.ChairRest.Of(chair40, [], new HashSet<string>(), double.PositiveInfinity, 0.84);
Row("what to leave out of 40 parts to end a fifth sooner", Median(12, () => Datura.Core.Chair.ChairRest.Of(chair40, ways40, new HashSet<string>(), 0.8 * going40.SureSeconds, 0.84)),
    "the same with nothing to leave out", Median(12, () => Datura.Core.Chair.ChairRest.Of(chair40, ways40, new HashSet<string>(), double.PositiveInfinity, 0.84)), "under 300 ms");
var sitter = new Datura.Core.Learn.SimulatedPainter("Bench", new Dictionary<string, double>(), 1);
var draw = new Random(4);
var seal40 = Datura.Core.Chair.ChairPlan.Of(planned);
var sessions = Enumerable.Range(0, 2000).Select(n => (Id: $"s{n:0000}", Painting: new Painting("Bench", "look", null, null, new(2026, 10, 31)) { Painter = "Bench", Steps = seal40 },
    Events: sitter.Paints(seal40, $"s{n:0000}", DateTimeOffset.UnixEpoch.AddDays(20_000 + n), 1, draw))).ToArray();
var timed = sessions.SelectMany(s => Datura.Core.Learn.SessionTimes.Of(s.Id, s.Painting, s.Events, DateTimeOffset.MaxValue.AddDays(-1)).Works.Select(w => w.Work)).ToArray();
Row(FormattableString.Invariant($"learning from 2000 sessions, {timed.Length} steps"), Median(3, () => Datura.Core.Learn.LearnedPace.Of(timed)), "one sum over their logarithms", Median(3, () => timed.Sum(w => w.LogRatio)),
    "under 1000 ms");
Row("reading 2000 sessions out of their events", Median(3, () => sessions.Sum(s => Datura.Core.Learn.SessionTimes.Of(s.Id, s.Painting, s.Events, DateTimeOffset.MaxValue.AddDays(-1)).Works.Count)),
    "one sum over their logarithms", Median(3, () => timed.Sum(w => w.LogRatio)), "under 1000 ms");
Row("versions of 40 parts for every slot", Median(3, () => LookVersions.Of(forty with { Mapping = Mapping.Freehand }, whole40, kit, setting)), "marks, sizes, checks and dots of 40 parts",
    shapes, "under 1000 ms");

var photos = new PhotoWork(planned);
Row("a face measured from two photos", Median(8, photos.Measure), "body fit, 13 measures", fit, "under 200 ms");
Row("where two photos of a finished face are to be looked at", Median(8, photos.Ask), "paint picture 1024×1024 with grain", picture, "under 500 ms");
Row("two photos of a finished face looked over", Median(8, photos.LookOver), "paint picture 1024×1024 with grain", picture, "under 1000 ms");

// Three hundred faces between ten and six, four painters.
var fair = new BoothDay("Bench", "kit", "setting", [.. Enumerable.Range(0, 6).Select(k => new MenuLine($"{k}", 1 + k))], [.. Enumerable.Range(0, 4).Select(k => new BoothPainter($"{k}"))], [new(600, 37.5)])
{
    FromMinute = 600,
    UntilMinute = 1080,
};
MenuTime[] fairTimes = [.. fair.Menu.Select((_, k) => new MenuTime(3 + k, 1))];
Row("a day of 300 faces played 1000 times", Median(3, () => DayForecast.Of(fair, fairTimes)), "who comes on those days",
    Median(3, () => Enumerable.Range(0, DayForecast.Days).AsParallel().Sum(n => DayArrivals.Of(fair, fairTimes, SeededRandom.For(1, $"day {n}")).Count)), "under 2000 ms");
Row("the best of all menus of six looks", Median(3, () => MenuChoices.Of(fair, fairTimes, 1080)), "who comes on those days",
    Median(3, () => Enumerable.Range(0, DayForecast.Days).AsParallel().Sum(n => DayArrivals.Of(fair, fairTimes, SeededRandom.For(1, $"day {n}")).Count)), "under 2000 ms");

// Thirty wearers of twenty to fifty minutes, five painters, three sinks.
var company = new CallProblem(
    [.. Enumerable.Range(0, 30).Select(k => new CallTask($"{k}", 20 + k * 7 % 31, 3, 15, [.. Enumerable.Range(0, 5).Where(p => (k + p) % 6 != 0)], k % 3 == 0 ? k % 5 : -1))],
    [.. Enumerable.Range(0, 5).Select(p => new CallHand($"{p}", 0.9 + 0.05 * p, 0, []))], 8 * 60, 19 * 60 + 30, 5, 3, 3, 5, 150, 15, 0.85);
var called = CallSheet.Of(company);
Row($"a call sheet of 30 wearers before 5 painters, gap {100 * called.Gap:0.0} %, {called.Entries.Count} called", Median(3, () => CallSheet.Of(company)), "its floor, shortest first",
    Median(2000, () => (object)CallBound.Of(company, t => (int)t.Minutes)), "under 5000 ms, gap 2 %");

// From a word to faces; each time another seed, so that nothing is remembered.
var briefSeed = 100;
Brief Asked() => new("a sad drowned one", Minutes: 20, Seed: briefSeed++);
Row("first face of a brief", Median(6, () => Proposals.First(Asked(), IdeaFiles.Shipped, face, body, kit, setting)!), "plan of the larger demo look", plan, "under 800 ms");
Row("six faces of a brief", Median(6, () => Proposals.Of(Asked(), IdeaFiles.Shipped, face, body, kit, setting)), "plan of the larger demo look", plan, "under 3000 ms");

// Thirty wearers, each in another look of its own.
var model = CharacterOf.Of(look, Planner.Plan(look, face, body, kit, setting), kit);
Row("thirty wearers planned and held to a character", Median(3, () => Enumerable.Range(0, 30).AsParallel().Select(n =>
{
    var worn = look with { Parts = [.. look.Parts.Select(p => p with { Seed = p.Seed + n + count })] };
    return Conformity.Of(model, worn, Planner.Plan(worn, face, body, kit, setting), kit).Count;
}).Sum() + (double)count++), "plan of the larger demo look", plan, "under 1000 ms");

// The largest kit: every colour of a crowded look from as few paints as may be.
var trunk = Load<Kit>("kits/wardrobe-trunk").Paints.Take(30).ToArray();
var exact = Median(30, () => (object)new PaintStackProbe(PaintOptics.Of(trunk[7])).OpaqueColour.L);
Row("recipe from 30 paints", Median(8, () => RecipeSearch.For(new(45, -20 + 0.01 * count++, 12), trunk)), "colour of one mix on all bands", exact, "under 150 ms");
var wanted = trunk.Where((_, k) => k % 3 == 0).Select(p => new WantedColour(p.Id, new PaintStackProbe(PaintOptics.Of(p)).OpaqueColour)).ToArray();
Row("fewest of 30 paints for 10 colours", Median(3, () => FewestPaints.Of(wanted, trunk, 4)), "colour of one mix on all bands", exact, "under 1000 ms");

Console.WriteLine();
Console.WriteLine("| parts | marks, sizes, checks, dots ms | ms a part | to 10 parts |");
Console.WriteLine("|---:|---:|---:|---:|");
var first = 0.0;
foreach (var parts in new[] { 10, 20, 40, 80, 160, 320 })
{
    var growing = Same(parts);
    var ms = Median(parts > 80 ? 3 : 6, () => Mapped(growing));
    first = first == 0 ? ms / parts : first;
    Console.WriteLine(FormattableString.Invariant($"| {parts} | {ms:0.0} | {ms / parts:0.00} | {ms / parts / first:0.00} |"));
}

object Mapped(Look many)
{
    var expanded = many.Parts.AsParallel().AsOrdered().Select(p => (Part: p, Kind: PartKinds.Find(p.Kind)!))
        .Select(p => new ExpandedPart(p.Part, p.Kind, p.Kind.Expand(body, p.Part, setting.Costume))).ToArray();
    var jobs = CoatJobs.Of(many, expanded, body, kit);
    var checks = LookChecks.Of(new(expanded, jobs, body, setting.Costume, kit));
    var dots = DotPlan.Of(expanded.AsParallel().AsOrdered().SelectMany(p => Figures.Of(p.Kind, p.Part, p.Marks)), body, 2);
    return (checks, dots);
}

void Row(string what, double ms, string floor, double floorMs, string aim) => Console.WriteLine(
    FormattableString.Invariant($"| {what} | {ms:0.0} | {floor} | {floorMs:0.0} | {ms / floorMs:0.0} | {aim} |"));

byte[] Paint(int pixels) => PaintOf(planned, pixels);

byte[] PaintOf(PlannedLook look, int pixels)
{
    var paint = new PaintPicture(face.Skin, new(pixels), null, grained: true);
    paint.Lay(look.Coats.SelectMany(s => s));
    return paint.Rgba();
}

object FillFlat()
{
    const int pixels = 1024;
    var window = new ChartWindow(pixels);
    var bitmap = new SKBitmap(pixels, pixels);
    using var canvas = new SKCanvas(bitmap);
    canvas.Clear(SKColors.Peru);
    using var fill = new SKPaint { IsAntialias = true, Color = SKColors.DarkSlateBlue };
    using var line = new SKPaint { IsAntialias = true, Style = SKPaintStyle.Stroke };
    foreach (var mark in planned.Coats.SelectMany(s => s).SelectMany(c => c.Marks))
    {
        using var builder = new SKPathBuilder();
        if (mark is RegionMark region)
        {
            Trace(builder, region.Outline, window);
            using var path = builder.Detach();
            canvas.DrawPath(path, fill);
        }
        else if (mark is StrokeMark stroke)
        {
            for (var k = 0; k < stroke.Path.Count; k++)
            {
                var (x, y) = ((float)window.ColumnOf(stroke.Path[k].XMm), (float)window.RowOf(stroke.Path[k].YMm));
                if (k == 0)
                {
                    builder.MoveTo(x, y);
                }
                else
                {
                    builder.LineTo(x, y);
                }
            }

            line.StrokeWidth = (float)(stroke.WidthsMm.Average() / window.MmPerPixel);
            using var path = builder.Detach();
            canvas.DrawPath(path, line);
        }
    }

    return bitmap;
}

static void Trace(SKPathBuilder path, Geometry outline, ChartWindow window)
{
    for (var n = 0; n < outline.NumGeometries; n++)
    {
        if (outline.GetGeometryN(n) is not Polygon polygon)
        {
            continue;
        }

        foreach (var ring in polygon.InteriorRings.Prepend(polygon.ExteriorRing))
        {
            var points = ring.Coordinates.Select(c => new SKPoint((float)window.ColumnOf(c.X), (float)window.RowOf(c.Y))).ToArray();
            path.MoveTo(points[0]);
            foreach (var p in points.Skip(1))
            {
                path.LineTo(p);
            }

            path.Close();
        }
    }
}

static double Median(int times, Func<object> work)
{
    for (var k = 0; k < 6; k++)
    {
        work();
    }

    var all = new double[times];
    for (var k = 0; k < times; k++)
    {
        var watch = Stopwatch.StartNew();
        work();
        all[k] = watch.Elapsed.TotalMilliseconds;
    }

    return all.Order().ElementAt(times / 2);
}

static string Demo(string path) => Path.Combine(AppContext.BaseDirectory, "demo", $"{path}.json");

static T Load<T>(string path) => JsonSerializer.Deserialize<T>(File.ReadAllText(Demo(path)), DaturaJson.Compact)!;
