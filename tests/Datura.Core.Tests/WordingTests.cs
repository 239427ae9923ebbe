using System.Text.RegularExpressions;
using Datura.Core.Body;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core.Tests;

/// <summary>What is said is data; the words come last and decide nothing.</summary>
public class WordingTests
{
    [Fact]
    public void EveryCodeHasItsSentenceAndEverySentenceItsCode()
    {
        var codes = Enum.GetValues<CautionCode>().Select(Catalogue.CodeOf).Concat(Enum.GetValues<ProblemCode>().Select(Catalogue.CodeOf)).Concat(Enum.GetValues<Pose>().Select(Catalogue.CodeOf))
            .Concat(Enum.GetValues<WaitCode>().Select(Catalogue.CodeOf)).Concat(Enum.GetValues<ReasonCode>().Select(Catalogue.CodeOf))
            .Concat(Enum.GetValues<RemarkCode>().Select(Catalogue.CodeOf)).Concat(Enum.GetValues<MailCode>().Select(Catalogue.CodeOf))
            .Concat(Enum.GetValues<Technique>().Select(Catalogue.CodeOf)).Concat(Enum.GetValues<Water>().Select(Catalogue.CodeOf)).Concat(Enum.GetValues<MendingKind>().Select(Catalogue.CodeOf))
            .Concat(Enum.GetValues<RemovalKind>().Select(Catalogue.CodeOf)).Concat(OrderRules.All.Select(r => $"rule.{r.Id}"));
        Assert.Equal(codes.Order(StringComparer.Ordinal), Catalogue.All.Keys.Order(StringComparer.Ordinal));
        Assert.All(Catalogue.All.Where(t => t.Key.StartsWith("caution.", StringComparison.Ordinal)), t => Assert.EndsWith(".", t.Value.Text, StringComparison.Ordinal));
    }

    // Codes are never used up and left; whoever reads the catalogue can trust that each is said somewhere.
    [Fact]
    public void EveryProblemIsSaidSomewhere()
    {
        var code = string.Concat(Directory.GetFiles(Path.Combine(Repository.Root, "src"), "*.cs", SearchOption.AllDirectories).Select(File.ReadAllText));
        Assert.All(Enum.GetValues<ProblemCode>(), c => Assert.Contains($"ProblemCode.{c}", code, StringComparison.Ordinal));
    }

    // A sentence with a place that is not filled where it is thrown would be a fault of the program instead of a refusal.
    [Fact]
    public void EveryPlaceOfASentenceIsFilledWhereItIsThrown()
    {
        var thrown = 0;
        foreach (var file in Directory.GetFiles(Path.Combine(Repository.Root, "src"), "*.cs", SearchOption.AllDirectories).Where(f => !f.EndsWith("ProblemCode.cs", StringComparison.Ordinal)))
        {
            var code = File.ReadAllText(file);
            foreach (Match at in Regex.Matches(code,
                @"(?<call>Problem\.Of|InputException|DocumentFileException|Refusal)\([^;]*?ProblemCode\.(?<code>\w+)(?<values>[^;]*);"))
            {
                var sentence = Catalogue.Of(Enum.Parse<ProblemCode>(at.Groups["code"].Value)).Text;
                var needed = Regex.Matches(Regex.Replace(sentence, @"\[[^\]]*\]", ""), @"\{(\w+)").Select(m => m.Groups[1].Value)
                    // The line of a file is put in by the one place that makes the refusal.
                    .Where(n => n != "line" || at.Groups["call"].Value == "Problem.Of");
                thrown++;
                Assert.All(needed, n => Assert.True(at.Groups["values"].Value is var values
                    && (values.Contains("..", StringComparison.Ordinal) || values.Contains($"(\"{n}\"", StringComparison.Ordinal)), $"{Path.GetFileName(file)}: {at.Groups["code"].Value} needs {n}"));
            }
        }

        Assert.True(thrown > 60, $"{thrown} refusals found");
    }

    // Nonsense in every field of a look and a setting: each is refused by its own field, in a whole sentence with nothing left open.
    [Fact]
    public void EveryRefusalIsAWholeSentence()
    {
        var look = DemoWorld.Look("storm-cormorant");
        var part = look.Parts[0];
        Part[] odd =
        [
            part with { Unevenness = 2 }, part with { ReliefMm = 900 }, part with { Moved = new(500, 0) }, part with { Kind = "{kind}" },
            part with { Numbers = new Dictionary<string, double> { ["[nothing]"] = 1 } }, part with { Words = new Dictionary<string, string> { ["x"] = "{y}" } },
            part with { Zones = new Dictionary<string, IReadOnlyList<string>> { ["where"] = ["the {moon}"] } }, part with { Coats = new Dictionary<string, int> { ["x"] = 90 } },
            part with { Paints = new Dictionary<string, PaintMix> { ["{role}"] = new([]) } },
        ];
        var parade = DemoWorld.Parade;
        Problem[] problems =
        [
            .. odd.SelectMany(o => PlanCheck.OfLook(look with { Parts = [o] })), .. PlanCheck.OfLook(look with { Name = "", WetLifts = 9 }),
            .. PlanCheck.OfSetting(parade with { SlotMinutes = -1, Painters = 9, Confidence = 7, ViewingDistanceM = 0, AdaptingCdM2 = -1, NecklineMm = 999, NecklineWidthMm = 1 }),
            .. MeasureCheck.Problems(new Dictionary<string, double> { ["mouthWidth"] = 5, ["{tail}"] = 9 }),
        ];
        Assert.True(problems.Length >= odd.Length + 2 + 7 + 2);
        Assert.All(problems, p =>
        {
            Assert.EndsWith(".", p.Sentence, StringComparison.Ordinal);
            Assert.True(char.IsUpper(p.Sentence[0]) || p.Values.Values.Any(v => v is string s && p.Sentence.StartsWith(s, StringComparison.Ordinal)), p.Sentence);
            Assert.NotEmpty(p.Field);
        });
    }

    [Theory]
    [InlineData("{a} and {b:0.#} mm", "x and 1.3 mm")]
    [InlineData("{b:up} over {b:down}", "1.3 over 1.2")]
    [InlineData("{parts} {parts?covers|cover} it", "Socket, Beak and Horns cover it")]
    [InlineData("{one} {one?covers|cover} it", "Socket covers it")]
    [InlineData("dry[ after {none:time}].", "dry.")]
    [InlineData("dry[ after {s:time}].", "dry after 42 s.")]
    [InlineData("{long:time} longer", "2.5 min longer")]
    [InlineData("{hair:time} longer", "1 s longer")]
    public void PlacesAreFilled(string template, string said) => Assert.Equal(said, new MessageTemplate(template).Filled(new Dictionary<string, object>
    {
        ["a"] = "x",
        ["b"] = 1.26,
        ["s"] = 41.7,
        ["long"] = 150.0,
        ["hair"] = 0.02,
        ["one"] = (string[])["Socket"],
        ["parts"] = (string[])["Socket", "Beak", "Horns"],
    }));

    [Fact]
    public void AMissingValueIsAFault() => Assert.Contains("needs b", Assert.Throws<ArgumentException>(() => new MessageTemplate("{b}").Filled(new Dictionary<string, object>())).Message,
        StringComparison.Ordinal);

    // A rounded number still makes sense: a line too fine is never told to be drawn as wide as it is.
    [Theory]
    [InlineData(0.58, 0.6)]
    [InlineData(0.61, 0.64)]
    [InlineData(1.94, 2.04)]
    public void TooFineNeverReadsAsTheSame(double widest, double finest)
    {
        var said = new CautionNote(CautionCode.TooFine, Severity.Note)
        {
            Parts = [new("p", "Whiskers")],
            Names = new Dictionary<string, string> { ["coat"] = "line" },
            Numbers = new Dictionary<string, double> { ["widest"] = widest, ["finest"] = finest, ["distance"] = 4 },
        }.Sentence;
        var numbers = Regex.Matches(said, @"(\d+\.?\d*) mm").Select(m => double.Parse(m.Groups[1].Value, System.Globalization.CultureInfo.InvariantCulture)).ToArray();
        Assert.True(numbers[0] < numbers[1], said);
    }

    // The same of many parts once, what lies between two parts as often as there are pairs; nothing is lost and the gravest comes first.
    [Fact]
    public void TheSameOfManyPartsIsSaidOnce()
    {
        CautionNote Note(CautionCode code, Severity severity, double value, params string[] parts) =>
            new(code, severity) { Parts = [.. parts.Select(p => new NamedPart(p, p))], Numbers = new Dictionary<string, double> { ["dries"] = value, ["shared"] = value }, Names = new Dictionary<string, string> { ["paint"] = "Tar" } };
        var together = CautionNote.Together([
            Note(CautionCode.LidsClosed, Severity.Warning, 40, "a"), Note(CautionCode.NoRoom, Severity.Warning, 2, "a", "b"), Note(CautionCode.LidsClosed, Severity.Warning, 60, "b"),
            Note(CautionCode.NoRoom, Severity.Warning, 3, "b", "c"), Note(CautionCode.NoPencil, Severity.Note, 0), Note(CautionCode.EyeArea, Severity.Stop, 0, "a"),
        ]);
        Assert.Equal(5, together.Count);
        Assert.Equal(Severity.Stop, together[0].Severity);
        var lids = together.Single(n => n.Code == CautionCode.LidsClosed);
        Assert.Equal(["a", "b"], lids.Parts.Select(p => p.Id));
        Assert.Equal("a and b cover the lids: eyes stay closed, softly, until it is dry (60 s after the last stroke).", lids.Sentence);
    }

    // Two tones that are lost from afar are two cases, the same note twice is one.
    [Fact]
    public void WhatIsSaidOfTheWholeIsNotRunTogether()
    {
        CautionNote Tone(double number) => new(CautionCode.ToneTooFine, Severity.Note)
        {
            Numbers = new Dictionary<string,
            double>
            { ["tone"] = number, ["distance"] = 20, ["width"] = 3, ["finest"] = 6 }
        };
        Assert.Equal([1, 5], CautionNote.Together([Tone(1), Tone(5), Tone(1)]).Select(n => n.Numbers["tone"]));
    }

    // A kit whose other paints are called after every word there is changes no caution and no step (a STOP was once lost so).
    [Fact]
    public void NamesOfOtherPaintsDecideNothing()
    {
        var look = DemoWorld.LookOf(DemoWorld.Part("skinBase"), DemoWorld.Part("socket") with { Paints = new Dictionary<string, PaintMix> { ["dark"] = new([new("beacon-red", 1)]) } },
            DemoWorld.Part("toothRow"), DemoWorld.Part("whiskers"));
        var words = Catalogue.All.Values.SelectMany(t => t.Text.Split(' ', ',', '.', ':', '(', ')', '{', '}', '?', '|', '[', ']')).Append("red").Append("eye").Where(w => w.Length > 0).Distinct();
        var blank = DemoWorld.Kit.Paints[0];
        var named = DemoWorld.Kit with { Paints = [.. DemoWorld.Kit.Paints, .. words.Select((w, k) => blank with { Id = $"named-{k}", Name = w })] };
        var (usual, other) = (Of(DemoWorld.Kit), Of(named));
        Assert.Equal(usual.Select(n => n.Code), other.Select(n => n.Code));
        Assert.Contains(Steps(named), s => s.Cautions.Any(c => c == usual.First(n => n.Code == CautionCode.EyeArea).Sentence));
        Assert.Equal(Steps(DemoWorld.Kit).Select(s => string.Join('\n', s.Cautions)), Steps(named).Select(s => string.Join('\n', s.Cautions)));

        IReadOnlyList<CautionNote> Of(Kit kit) => Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, kit, DemoWorld.Parade).Plan.Cautions;
        IReadOnlyList<PlanStep> Steps(Kit kit) => Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, kit, DemoWorld.Parade).Plan.Steps;
    }

    // A caution of one paint stands at the steps that use it and at no other of the part's steps.
    [Fact]
    public void APaintsCautionStandsWhereItIsUsed()
    {
        var plan = Planner.Plan(DemoWorld.Look("barnacle-saint"), DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade);
        foreach (var note in plan.Plan.Cautions.Where(n => n.Paint is not null))
        {
            var sentence = note.Sentence;
            Assert.All(plan.Plan.Steps.Where(s => s.Cautions.Contains(sentence)), s => Assert.Contains(plan.Steps.Single(x => x.Key == s.Key).Jobs, j => j.Mix.Shares.Any(p => p.Paint == note.Paint)));
        }
    }

    // Of a part of two paints the caution of one stands only at the steps that lay it.
    [Fact]
    public void ACautionOfOnePaintIsNotSaidOfTheOther()
    {
        PaintDescription Paint(bool nearEyes) => DemoWorld.Kit.Paints.First(p => p.NearEyes == nearEyes && Materials.Mixes(p.Material));
        var (far, near) = (Paint(false), Paint(true));
        var plan = DemoWorld.PlanOf(DemoWorld.Part("socket") with { Paints = new Dictionary<string, PaintMix> { ["dark"] = new([new(near.Id, 1)]), ["heart"] = new([new(far.Id, 1)]) } });
        var said = plan.Plan.Cautions.Single(n => n.Code == CautionCode.EyeArea).Sentence;
        bool Lays(PlanStep step, PaintDescription paint) => plan.Steps.Single(s => s.Key == step.Key).Jobs.Any(j => j.Mix.Shares.Any(m => m.Paint == paint.Id));
        Assert.Contains(plan.Plan.Steps, s => Lays(s, near) && !Lays(s, far));
        Assert.All(plan.Plan.Steps, s => Assert.Equal(Lays(s, far), s.Cautions.Contains(said)));
    }

    // A pencil along the lashes is the remedy for wet paint there.
    [Fact]
    public void WhatIsInThePlanAlreadyIsNotAskedFor()
    {
        var pencil = DemoWorld.Kit.Paints.First(p => p.Material == Material.Pencil);
        var socket = DemoWorld.Part("socket");
        bool Said(params Part[] parts) => DemoWorld.PlanOf(parts).Plan.Cautions.Any(n => n.Code == CautionCode.LashLine);
        Assert.True(Said(socket));
        var lined = DemoWorld.Part("socket") with { Paints = PartKinds.Find("socket")!.Roles.ToDictionary(r => r.Id, _ => new PaintMix([new(pencil.Id, 1)])) };
        Assert.False(Said(socket, lined));
    }
}
