using Datura.Core.Fit;
using Datura.Core.Form;
using Datura.Core.Shapes;
using Datura.Core.Shapes.Transfer;
using Datura.Files.Sheets;
using UglyToad.PdfPig;

namespace Datura.Core.Tests.Shapes;

/// <summary>Alone, since they add a kind to the registry for a while.</summary>
[CollectionDefinition(nameof(OwnKinds), DisableParallelization = true)]
public class OwnKinds;

/// <summary>A kind that stands in one file, outside the program, is everywhere that a kind can be.</summary>
[Collection(nameof(OwnKinds))]
public class OwnKindTests
{
    private sealed class Limpet() : DrawnKind("limpet", "Limpet", Family.Attached, [Zone.Cheekbone, Zone.Orbit],
        [ShellCoat, LineCoat], [Size, Edge])
    {
        private static readonly NumberSpec Size = ParameterSpec.Length("size", "Size", "Across.", 8, 40, 22);
        private static readonly NumberSpec Edge = ParameterSpec.Length("edge", "Soft edge", "Width over which it thins out.", 0.5, 6, 1);
        private static readonly CoatRole ShellCoat = new("shell", "Shell", Stage.BodyColour, Tool.Filbert, 1, 60);
        private static readonly CoatRole LineCoat = Line("Ribs and edge", Tool.Round1, goesRound: true);

        public override IReadOnlyList<RoleRelief> Relief { get; } = [new(ShellCoat, 6, 3)];

        public override bool ThrowsShadow => true;

        public override bool NeedsOwnGround => true;

        public override IReadOnlyList<string> StandsIn => ["socket"];

        public override IReadOnlyList<CoatRole> StencilRoles => [ShellCoat];

        public override Companion? UsuallyWith { get; } = new([], ["crab"], Landmark.Pronasale, CautionCode.MuzzleWithoutPad);

        protected override void Draw(PartContext context, MarkPen pen)
        {
            var at = context.At(Landmark.Cheekbone);
            var half = context.Number(Size) / 2;
            var ring = Enumerable.Range(0, 24).Select(k => at + new ChartPoint(half * Math.Cos(k * Math.PI / 12), half * Math.Sin(k * Math.PI / 12))).ToArray();
            pen.Say("Across", 2 * half, "mm");
            pen.Fill(ShellCoat, Curves.Polygon(ring), context.Number(Edge));
            pen.Stroke(LineCoat, [.. ring, ring[0]], Profile.Even(1));
        }
    }

    private static Part New(params (string, double)[] numbers) => DemoWorld.Part("limpet", numbers);

    [Fact]
    public void ItIsOfferedPlannedTransferredFittedWarnedOfAndPrinted()
    {
        using var there = PartKinds.With(new Limpet());
        var body = DemoWorld.Body;
        Assert.Contains(NewPart.Offers(Zone.Cheekbone, body, DemoWorld.Kit, DemoWorld.Parade.Costume), o => o.Part.Kind == "limpet");

        var look = DemoWorld.LookOf(DemoWorld.Part("skinBase"), New() with { Priority = Priority.Nice }) with { Form = FormWish.Usual, Mapping = Mapping.Freehand };
        var planned = Planner.Plan(look, DemoWorld.Faces[0], body, DemoWorld.Kit, DemoWorld.Parade);
        Assert.Contains(planned.Plan.Steps, s => s.Title.Contains("Limpet", StringComparison.Ordinal));
        Assert.True(planned.Jobs.Single(j => j.PartId == "limpet-1" && j.Role.Id == "shell").ThroughStencil);
        Assert.True(planned.Form!.Relief.Mm.Max() > 4);
        Assert.NotEmpty(DropShadows.Of(planned.Parts, FormGrid.Of(body, FormGrid.CoarsePixels), new LampPlace(0, 50).Towards));
        Assert.NotNull(TemplatePiece.Of(PartKinds.Find("limpet")!, New(), DemoWorld.Expand(New()), body, 5));
        Assert.True(Handles.Of(PartKinds.Find("limpet")!, New(), body, DemoWorld.Parade.Costume).Count > 1);

        var shortest = LookVersions.Of(look, planned, DemoWorld.Kit, DemoWorld.Parade).Curve[0];
        Assert.Contains("limpet-1", shortest.Versions.Keys);
        Assert.NotNull(QuickVersion.Of(PartKinds.Find("limpet")!, New(), DemoWorld.Kit, out var what));
        Assert.Contains("no ribs and edge", what);

        Assert.Contains(planned.Plan.Cautions, c => c.Code == CautionCode.MuzzleWithoutPad);
        using var pdf = PdfDocument.Open(StepSheet.Pdf(planned, PaperSize.Find("A4")!));
        Assert.Contains("Limpet", string.Concat(pdf.GetPages().Select(p => p.Text)), StringComparison.Ordinal);
    }

    // Two of it on one ground have no room; in a socket it may lie.
    [Fact]
    public void ItsOwnWordIsTakenForWhereItMayLie()
    {
        using var there = PartKinds.With(new Limpet());
        bool NoRoom(params Part[] parts) => DemoWorld.PlanOf(parts).Plan.Cautions.Any(c => c.Code == CautionCode.NoRoom);
        Assert.True(NoRoom(New(), New() with { Moved = new(3, 0) }));
        Assert.False(NoRoom(DemoWorld.Part("socket", ("downCheek", 40)), New() with { Moved = new(0, 10) }));
    }

    [Fact]
    public void AfterwardsItIsGone() => Assert.Null(PartKinds.Find("limpet"));

    // What a kind says of roles, other kinds and landmarks is there.
    [Fact]
    public void WhatKindsNameExists() => Assert.All(PartKinds.All, kind =>
    {
        Assert.All(kind.Relief, r => Assert.Contains(r.Role, kind.Roles));
        Assert.All(kind.StencilRoles, r => Assert.Contains(r, kind.Roles));
        Assert.All(kind.StandsIn.Concat(kind.UsuallyWith?.With ?? []).Concat(kind.UsuallyWith?.AnyOf ?? []), id => Assert.NotNull(PartKinds.Find(id)));
        Assert.Null(Record.Exception(() => kind.UsuallyWith is { } with ? DemoWorld.Body.At(with.Landmark) : default));
        Assert.True(!kind.ThrowsShadow || kind.Relief.Any(r => r.Mm > 0));
    });
}
