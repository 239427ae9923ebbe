using System.Net;
using System.Text;
using Datura.Core.Body;
using Datura.Core.Shapes;
using Datura.Core.Shapes.Transfer;
using UglyToad.PdfPig;

namespace Datura.Web.Tests;

/// <summary>What gets a look onto the skin, through the service.</summary>
public class MapTests(Service service) : IClassFixture<Service>
{
    [Fact]
    public async Task DotsComeNumberedWithinTheTolerance()
    {
        var plan = await Post<DotPlan>("/api/plan/dots?tolerance=2", await service.DemoRequest());
        Assert.NotEmpty(plan.Figures);
        Assert.All(plan.Figures, f => Assert.InRange(f.ErrorMm, 0, f.ToleranceMm + 0.3));
    }

    [Theory]
    [InlineData("/api/plan/dots?tolerance=0.2", "is 1 to 5")]
    [InlineData("/api/plan/dots?tolerance=NaN", "is 1 to 5")]
    [InlineData("/api/plan/handles?part=nobody", "no part nobody")]
    [InlineData("/api/plan/templates?paper=A0", "A4 or Letter")]
    [InlineData("/api/plan/templates?parts=nobody", "None of these parts")]
    public async Task WhatCannotBeIsSaid(string address, string words)
    {
        var answer = await service.Send(HttpMethod.Post, address, await service.DemoRequest());
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(words, (await Service.Read<Problem>(answer)).Detail);
    }

    // Drawn by three units, the part's outline comes to lie where its handle said it would, and no other part's handles stir.
    [Fact]
    public async Task AHandleThatIsDrawnLiesWhereItSaid()
    {
        var request = await service.DemoRequest();
        async Task<Handle[]> Of(string part, PlanRequest of) => await Post<Handle[]>($"/api/plan/handles?part={part}", of);
        var (before, others) = (await Of("sockets", request), await Of("teeth", request));
        Assert.Equal("moved", before[0].Parameter);
        foreach (var handle in before.Skip(1).Where(h => h.Unit == "mm" && h.Value + 3 <= h.Most))
        {
            var drawn = request with
            {
                Look = request.Look with
                {
                    Parts = [.. request.Look.Parts
                    .Select(p => p.Id == "sockets" ? p with { Numbers = new Dictionary<string,
                        double>(p.Numbers ?? new Dictionary<string, double>()) { [handle.Parameter] = handle.Value + 3 } } : p)]
                },
            };
            var target = handle.At + 3 * handle.PerUnit;
            var plan = await Post<Core.Plan>("/api/plan", drawn);
            var nearest = plan.Parts.Single(p => p.Id == "sockets").Marks.SelectMany(m => m.Lines)
                .SelectMany(l => Enumerable.Range(0, l.Count / 2).Select(k => new ChartPoint(l[2 * k], l[2 * k + 1]))).Min(p => (p - target).Length());
            Assert.InRange(nearest, 0, 2);
            Assert.Equal(others, await Of("teeth", drawn));
        }
    }

    [Fact]
    public async Task OneTemplateIsPrintedAlone()
    {
        async Task<string> Text(string query)
        {
            var answer = await service.Send(HttpMethod.Post, $"/api/plan/templates?{query}", await service.DemoRequest());
            using var pdf = PdfDocument.Open(await answer.Content.ReadAsByteArrayAsync());
            return string.Join(' ', pdf.GetPages().Select(p => p.Text));
        }

        Assert.Contains("Tooth row", await Text("paper=Letter"));
        var alone = await Text("paper=A4&parts=sockets&turned=true");
        Assert.Contains("turned over", alone);
        Assert.DoesNotContain("Tooth row", alone);
    }

    [Fact]
    public async Task TheTapeIsNeverShorterThanTheCrowFlies()
    {
        var tape = await service.Get<TapeResource>("/api/faces/odalys/tape?x1=-40&y1=0&x2=40&y2=-60");
        Assert.InRange(tape.Mm, 85, 160);
        Assert.Equal((-40, 0), (Math.Round(tape.Path[0]), Math.Round(tape.Path[1])));
        Assert.Equal(HttpStatusCode.BadRequest, (await service.Client.GetAsync("/api/faces/odalys/tape?x1=1e9&y1=0&x2=0&y2=0")).StatusCode);
    }

    [Fact]
    public async Task WhatIsNotMeasuredIsEstimated()
    {
        var preview = new FacePreview(new Dictionary<string, double> { ["faceHeight"] = 150, ["faceWidth"] = 115 }, new Lab(70, 8, 14));
        var small = (await Post<EstimateResource>("/api/faces/estimate", preview)).MeasuresMm;
        Assert.Equal(Measures.All.Count, small.Count);
        Assert.Equal(150, small["faceHeight"]);
        Assert.True(small["mouthWidth"] < Measures.Reference["mouthWidth"]);
    }

    [Fact]
    public async Task ARareMeasureIsEstimatedWithANote()
    {
        var preview = new FacePreview(new Dictionary<string, double>(MeasurePresets.All[0].MeasuresMm) { ["mouthWidth"] = 68 }, new Lab(70, 8, 14));
        var all = await Post<EstimateResource>("/api/faces/estimate", preview);
        Assert.Equal(68, all.MeasuresMm["mouthWidth"]);
        Assert.StartsWith("Mouth width is 68 mm", all.Notes["mouthWidth"], StringComparison.Ordinal);
    }

    [Fact]
    public async Task AMovedPartAndAMotifAreKept()
    {
        var look = await service.DemoLook();
        var part = look.Parts[1] with
        {
            Id = "own",
            Kind = "motif",
            Moved = new(3, -2),
            Motif = Motif.Lantern,
            Numbers = new Dictionary<string, double>(),
            Words = new Dictionary<string,
            string>(),
            Paints = new Dictionary<string, PaintMix>(),
            Coats = new Dictionary<string, int>()
        };
        var saved = await Post<Saved>("/api/looks", look with { Name = "With a motif", Parts = [.. look.Parts, part] });
        var back = (await service.Get<LookResource>($"/api/looks/{saved.Id}")).Look.Parts[^1];
        Assert.Equal(new Move(3, -2), back.Moved);
        Assert.Equal(Motif.Lantern.Shapes.Count, back.Motif!.Shapes.Count);
    }

    [Theory]
    [InlineData("<svg xmlns='http://www.w3.org/2000/svg'><script/></svg>", "script")]
    [InlineData("not a drawing", "broken")]
    public async Task ABadDrawingIsRefusedWithTheReason(string svg, string word)
    {
        var answer = await service.Client.PostAsync("/api/motifs?name=x", new StringContent(svg, Encoding.UTF8, "image/svg+xml"));
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(word, (await Service.Read<Problem>(answer)).Detail);
    }

    [Theory]
    [InlineData("/api/faces/odalys/stretch", "image/png")]
    [InlineData("/api/kinds/motif/picture?kit=saltmarsh-box", "image/webp")]
    [InlineData("/api/measures/earToEar/picture", "image/png")]
    public async Task PicturesAreDrawn(string address, string mediaType) =>
        Assert.Equal(mediaType, (await service.Client.GetAsync(address)).Content.Headers.ContentType!.MediaType);

    private async Task<T> Post<T>(string address, object body) => await Service.Read<T>(await service.Send(HttpMethod.Post, address, body));
}
