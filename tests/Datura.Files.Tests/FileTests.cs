using System.Text.Json.Nodes;
using Datura.Core.Shapes;
using Datura.Documents;
using Datura.Files.Models;
using Datura.Files.Pictures;
using Datura.Files.Sheets;
using Json.Schema;
using SharpGLTF.Schema2;
using UglyToad.PdfPig;

namespace Datura.Files.Tests;

public class FileTests
{
    public static TheoryData<string> Looks => ["drowned-lamp-keeper", "barnacle-saint"];

    [Theory]
    [MemberData(nameof(Looks))]
    public void TheDemoFilesFollowThePublishedSchema(string look)
    {
        var schema = JsonSchema.FromText(DocumentTypes.Look.SchemaText);
        Assert.True(schema.Evaluate(JsonNode.Parse(DemoWorld.LookText(look))).IsValid);
    }

    [Theory]
    [MemberData(nameof(Looks))]
    public void ALookComesBackFromItsFile(string look)
    {
        var text = DocumentTypes.Look.WriteFile(DemoWorld.Look(look));
        Assert.Equal(text, DocumentTypes.Look.WriteFile(DocumentTypes.Look.ReadFile(text)));
    }

    [Fact]
    public void ANewerVersionIsRefusedWithItsLine()
    {
        var problem = Assert.Throws<DocumentFileException>(() => DocumentTypes.Look.ReadFile(DemoWorld.LookText("barnacle-saint").Replace("\"version\": 1", "\"version\": 2",
            StringComparison.Ordinal)));
        Assert.Equal(3, problem.Line);
        Assert.Contains("version 2", problem.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void ABrokenFileIsRefusedWithItsLine()
    {
        var lines = DemoWorld.LookText("barnacle-saint").Split('\n');
        lines[11] = "oops";
        Assert.Equal(12, Assert.Throws<DocumentFileException>(() => DocumentTypes.Look.ReadFile(string.Join('\n', lines))).Line);
    }

    [Fact]
    public void AWrongValueIsRefusedWithItsLine()
    {
        var lines = DemoWorld.LookText("barnacle-saint").Split('\n');
        var at = Array.FindIndex(lines, l => l.Contains("\"priority\"", StringComparison.Ordinal));
        lines[at] = "      \"priority\": \"sometimes\",";
        var problem = Assert.Throws<DocumentFileException>(() => DocumentTypes.Look.ReadFile(string.Join('\n', lines)));
        Assert.Equal(at + 1, problem.Line);
        Assert.Contains("priority", problem.Message, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("")]
    [InlineData("[]")]
    [InlineData("{\"format\":\"something-else\",\"version\":1}")]
    [InlineData("{\"format\":7}")]
    [InlineData("<html></html>")]
    public void WhatIsNoLookIsRefused(string text) => Assert.Throws<DocumentFileException>(() => DocumentTypes.Look.ReadFile(text));

    [Fact]
    public void AHugeFileIsRefusedBeforeItIsRead() =>
        Assert.Contains("larger", Assert.Throws<DocumentFileException>(() => DocumentTypes.Look.ReadFile(new string(' ', DocumentFile.MostBytes + 1))).Message, StringComparison.Ordinal);

    [Theory]
    [InlineData("A4", 595.28, 841.89)]
    [InlineData("Letter", 612, 792)]
    public void TheSheetSaysWhatAPainterNeeds(string paper, double width, double height)
    {
        var look = DemoWorld.Plan("drowned-lamp-keeper");
        using var pdf = PdfDocument.Open(StepSheet.Pdf(look, PaperSize.Find(paper)!));
        Assert.Equal(width, pdf.GetPage(1).Width, 0.5);
        Assert.Equal(height, pdf.GetPage(1).Height, 0.5);
        var text = string.Join(' ', pdf.GetPages().Select(p => p.Text));
        var plan = look.Plan;
        foreach (var expected in new[] { plan.Look, plan.Face, $"{Units.Clock(plan.TotalSeconds)} min", "Before you start", "product label", "lenses", "Notes", "Wait " }
            .Concat(plan.Steps.Select(s => s.Paint)).Concat(plan.Steps.Select(s => s.ToolName)).Concat(plan.Steps.Select(s => s.Hand.ToLowerInvariant())).Concat(plan.Steps.SelectMany(s => s.Poses).Select(p => p.Words)))
        {
            Assert.Contains(Squeezed(expected), Squeezed(text), StringComparison.Ordinal);
        }

        // A wait that the clock cannot show is none.
        Assert.DoesNotContain("Wait0:00", Squeezed(text), StringComparison.Ordinal);

        var reach = plan.Parts.First(p => p.Kind == "socket").Sizes[0];
        Assert.Contains(Squeezed(Units.Size(reach, inches: false)), Squeezed(text), StringComparison.Ordinal);
        // Three views of the head and one picture a step.
        Assert.Equal(3 + plan.Steps.Count, pdf.GetPages().Sum(p => p.GetImages().Count()));
    }

    [Fact]
    public void TheSheetPrintsTheToneMapWithItsKey()
    {
        var look = Planner.Plan(DemoWorld.Look("quay-seal") with { Form = FormWish.Usual }, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade);
        using var pdf = PdfDocument.Open(StepSheet.Pdf(look, PaperSize.Find("A4")!));
        var text = Squeezed(string.Join(' ', pdf.GetPages().Select(p => p.Text)));
        Assert.Contains("Tonemap", text, StringComparison.Ordinal);
        Assert.Contains("1isthelightesttone", text, StringComparison.Ordinal);
        Assert.All(look.Form!.Bands.Tones, t => Assert.Contains(FormattableString.Invariant($"by{Math.Abs(t.Change):0.#}L*"), text, StringComparison.Ordinal));
    }

    // At the booth: one page, every step once with its picture, clocks that never run back, every wait said.
    [Theory]
    [InlineData("drowned-lamp-keeper", "A4")]
    [InlineData("wreck-diver", "Letter")]
    public void TheBoothSheetTellsEveryStepAndWait(string id, string paper)
    {
        var look = DemoWorld.Plan(id);
        using var pdf = PdfDocument.Open(BoothSheet.Pdf(look, PaperSize.Find(paper)!));
        var page = pdf.GetPages().Single();
        Assert.Equal(look.Plan.Steps.Count, page.GetImages().Count());
        var words = page.GetWords().Select(w => w.Text).ToArray();
        Assert.All(look.Plan.Steps, s => Assert.Contains($"{s.Number}", words));
        Assert.All(look.Plan.Steps, s => Assert.Contains(Units.Clock(s.StartSeconds + s.SetUpSeconds + s.WorkSeconds), words));
        Assert.Equal(look.Plan.Steps.Count(s => s.WaitSeconds >= 1), words.Count(w => w == "wait"));
        // Nothing runs off the paper, and no two pictures lie on each other.
        Assert.All(page.Letters, l => Assert.True(l.Location.X >= 0 && l.Location.X <= page.Width && l.Location.Y >= 0 && l.Location.Y <= page.Height));
        var boxes = page.GetImages().Select(i => i.BoundingBox).ToArray();
        Assert.All(boxes.SelectMany((a, k) => boxes.Skip(k + 1).Select(b => (a, b))), pair => Assert.False(
            pair.a.Left < pair.b.Right - 0.5 && pair.b.Left < pair.a.Right - 0.5 && pair.a.Bottom < pair.b.Top - 0.5 && pair.b.Bottom < pair.a.Top - 0.5));
    }

    // A sheet of a look without steps, or with a name of every odd letter, is still a sheet.
    [Fact]
    public void ASheetOfAnOddNameIsStillASheet()
    {
        var look = DemoWorld.LookOf(DemoWorld.Part("socket")) with { Name = "Ünder <the> lamp — “Ærø” & 100 % ⚓" };
        var planned = Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade);
        using var pdf = PdfDocument.Open(StepSheet.Pdf(planned, PaperSize.Find("A4")!));
        Assert.Contains("Ünder<the>lamp", Squeezed(pdf.GetPage(1).Text), StringComparison.Ordinal);
    }

    [Fact]
    public void LengthsCanBeInches()
    {
        Assert.Equal("1 in", Units.Size(new SizeLine("x", 25.4, "mm"), inches: true));
        Assert.Equal("1 sq in", Units.Size(new SizeLine("x", 6.4516, "cm²"), inches: true));
        Assert.Equal("24", Units.Size(new SizeLine("Teeth", 24, ""), inches: true));
    }

    [Fact]
    public void TheModelIsAValidGltfInMetres()
    {
        var model = ModelRoot.ParseGLB(BodyModel.Glb(DemoWorld.Body));
        var positions = model.LogicalMeshes[0].Primitives[0].GetVertexAccessor("POSITION").AsVector3Array();
        Assert.InRange(positions.Max(p => p.X), 0.15, 0.3);
        Assert.Equal(positions.Count, model.LogicalMeshes[0].Primitives[0].GetVertexAccessor("TEXCOORD_0").Count);
    }

    // What is seen in a mirror twice is as it was; a face that is painted on one side shows it on the other.
    [Fact]
    public void AMirrorTurnsOverAndBack()
    {
        var rgba = Enumerable.Range(0, 6 * 4 * 4).Select(n => (byte)n).ToArray();
        var seen = BustPicture.Mirrored(rgba, 6, 4);
        Assert.Equal(rgba[..4], seen[20..24]);
        Assert.Equal(rgba, BustPicture.Mirrored(seen, 6, 4));
    }

    [Fact]
    public void EachStepChangesThePictureAndTheLastIsTheFinishedFace()
    {
        var look = DemoWorld.Plan("barnacle-saint");
        var steps = BustPicture.Steps(look, BustView.FaceClose, 80, 80);
        Assert.Equal(look.Plan.Steps.Count + 1, steps.Count);
        for (var k = 1; k < steps.Count; k++)
        {
            Assert.NotEqual(steps[k - 1], steps[k]);
        }

        // Small pictures are drawn without grain and from one pixel of the chart each: alike, not the same.
        var finished = BustPicture.Finished(look, BustView.FaceClose, 80, 80).Rgba;
        Assert.InRange(finished.Zip(steps[^1], (a, b) => Math.Abs(a - b)).Average(), 0, 3);
    }

    private static string Squeezed(string text) => text.Replace(" ", "", StringComparison.Ordinal);
}
