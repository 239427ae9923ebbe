using Datura.Core.Hands;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core.Order;

/// <summary>One coat of one part, measured: what the order and the clock need to know of it.</summary>
/// <param name="PartIndex">Place of the part in the look; breaks ties.</param>
/// <param name="Hand">Tool, technique and water.</param>
/// <param name="Mix">Its paints: stirred together, or side by side when the lay says so.</param>
/// <param name="Lay">Film, wetness and split load.</param>
/// <param name="Layer">How many coats of the same part and stage lie beneath it.</param>
/// <param name="Footprint">Ground it covers, for overlaps.</param>
/// <param name="AreaMm2">Filled area on the skin.</param>
/// <param name="LineMm">Drawn length on the skin.</param>
/// <param name="Lightness">L* of the opaque paint; light goes before dark.</param>
/// <param name="DryingSeconds">Until it may be worked over.</param>
public sealed record CoatJob(
    string PartId,
    int PartIndex,
    string PartLabel,
    CoatRole Role,
    int Layer,
    Hand Hand,
    PaintMix Mix,
    CoatLay Lay,
    int Coats,
    IReadOnlyList<Mark> Marks,
    Footprint Footprint,
    IReadOnlyList<Zone> Zones,
    double AreaMm2,
    double LineMm,
    double Lightness,
    double DryingSeconds)
{
    /// <summary>Name of the coat in an order: part/role.</summary>
    public string Key => $"{PartId}/{Role.Id}";

    /// <summary>How much the part matters when time runs short.</summary>
    public Priority Priority { get; init; } = Priority.Nice;

    /// <summary>Whether the base leaves its place bare, so that it may go on before the base.</summary>
    public bool Reserved { get; init; }

    /// <summary>Marks that are laid one by one; a shade pulled out of an edge is none.</summary>
    public int DrawnMarks => Marks.Count(IsDrawn);

    /// <summary>Mean size of its figures, mm²; lines and dots count by what they cover.</summary>
    public double FigureMm2 => Footprint.AreaMm2 / Math.Max(1, DrawnMarks);

    internal static bool IsDrawn(Mark mark) => mark is not RegionMark { Pulled: true };

    /// <summary>Whether it goes on through a mesh or card.</summary>
    public bool ThroughStencil => Hand.Technique == Technique.ThroughCard;

    /// <summary>The stage of the look it is in, from 0.</summary>
    public int InStage { get; init; }

    /// <summary>Holds on damp paint only: glitter, leaf, gems.</summary>
    public bool OnDamp { get; init; }

    /// <summary>Gel and the like: what goes on damp goes on it at once.</summary>
    public bool StaysDamp { get; init; }

    /// <summary>The rates of the painter at work.</summary>
    public Pace Pace { get; init; } = Pace.Usual;

    /// <summary>What is done for it beside laying it, in order.</summary>
    public IReadOnlyList<PlannedMending> Mendings { get; init; } = [];

    /// <summary>Length of the edges that a damp brush pulls out, mm; 0 for none.</summary>
    public double PulledEdgeMm { get; init; }

    /// <summary>Rinsing the brush and going along the edges with it.</summary>
    public double PullSeconds => PulledEdgeMm <= 0 ? 0 : Pace.Of(Rates.ToolChange) + PulledEdgeMm / (Pace.Of(UsualTools.Find(Tool.Round5)).LineMmPerSecond * HandTable.Of(Technique.PullOut).LineRate);

    /// <summary>Laying it, and what is done for it before and after.</summary>
    public double WorkSeconds => Pace.OfHand(HandKey) * (BrushSeconds + PullSeconds + Mendings.Sum(m => m.Seconds));

    /// <summary>Tool and technique, as learned times are kept.</summary>
    public string HandKey => $"{Hand.Tool.Id} {System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName($"{Hand.Technique}")}";

    /// <summary>
    /// Seconds of brush on skin, with reloads, without changes of tool or pose: a figure's crisp edge at line pace and its inside at area
    /// pace, slower near the eye.
    /// </summary>
    public double BrushSeconds
    {
        get
        {
            var tool = Pace.Of(Hand.Tool);
            var (areaRate, lineRate) = (tool.AreaCm2PerMinute * Hand.AreaRate, tool.LineMmPerSecond * Hand.LineRate);
            var area = Coats * AreaMm2 / 100;
            var line = Coats * LineMm;
            // A line wider than the tool is filled as an area is; the slower of the two counts.
            var drawing = Math.Max(line / lineRate, Coats * WideLineMm2 / 100 / areaRate * 60);
            drawing += Coats * EdgeMm / lineRate;
            var filling = area / areaRate * 60 * (Zones.Contains(Zone.Lid) ? Rates.NearEye : 1) + LidsAlone * Pace.Of(Rates.EvenLid);
            // One load must last for so many marks, or it lasts as long as its paint does; each colour of a split load is taken up anew.
            var reloads = Hand.TakesNoPaint ? 0
                : Colours.Count * (Lay.MarksPerLoad is { } marks ? Math.Max(0, Math.Ceiling((double)Coats * DrawnMarks / marks) - 1) : Math.Floor(LoadsTaken));
            var dots = Marks.Count(m => m is DotMark);
            return filling + drawing + reloads * Pace.Of(Rates.Reloading)
                + Coats * (ThroughStencil ? Math.Ceiling((AreaMm2 > 0 ? AreaMm2 : Footprint.AreaMm2) / Rates.StencilMm2) * Pace.Of(Rates.PlaceStencil) : (DrawnMarks - dots) * Pace.Of(Rates.PlaceMark) + dots * Pace.Of(Rates.PressDot));
        }
    }

    /// <summary>How many loads of the tool the whole of it takes up.</summary>
    public double LoadsTaken => Coats * (AreaMm2 / 100 / (Hand.Tool.AreaCm2PerLoad * Hand.Load) + LineMm / (Hand.Tool.LineMmPerLoad * Hand.Load));

    // Length of the edges that are drawn crisp before the inside is filled; a wide tool and powder make none.
    private double EdgeMm => Hand.Tool.Form is ToolForm.Sponge or ToolForm.StippleSponge or ToolForm.SoftBrush or ToolForm.Puff ? 0
        : Marks.OfType<RegionMark>().Where(r => IsDrawn(r) && r.EdgeMm <= Rates.DrawnEdgeMm && r.Outline.Area > Rates.OutlinedMm2).Sum(r => r.Outline.Length);

    // Figures that lie on lids alone are pressed on the same spot until the colours run into each other.
    private int LidsAlone => ToolForms.IsSponge(Hand.Tool.Form) && Zones.Contains(Zone.Lid) && Zones.All(z => z is Zone.Lid or Zone.Orbit) && AreaMm2 < 2000
        ? Marks.OfType<RegionMark>().Where(IsDrawn).Sum(r => r.Outline.NumGeometries) : 0;

    // Area of lines that are wider than their tool.
    private double WideLineMm2
    {
        get
        {
            var wide = Marks.OfType<StrokeMark>().Where(s => s.WidthsMm.Average() > Hand.Tool.WidthMm).ToArray();
            return wide.Length == 0 ? 0 : wide.Sum(s => Curves.Length(s.Path) * s.WidthsMm.Average());
        }
    }

    /// <summary>The paint by which a coat is known in one colour: all of a mix, or the middle of a split load.</summary>
    public PaintMix Main => Lay.Split?.At(Mix, 0.5) ?? Mix;

    /// <summary>The paints one sees: the mix, or each colour of a split load.</summary>
    public IReadOnlyList<PaintMix> Colours => Lay.Split is null ? [Mix] : [.. Mix.Shares.Select(s => new PaintMix([s with { Parts = 1 }]))];

    /// <summary>Tool and load: jobs that share both can be one step.</summary>
    public string Load =>
        $"{Hand.Tool.Id}/{string.Join(Lay.Split is null ? '+' : '|', Mix.Shares.Select(s => FormattableString.Invariant($"{s.Paint}:{s.Parts}")))}{(Lay.IntoWet ? "/wet" : "")}{Chosen}";

    private string Chosen => $"{(Lay.Technique is null && Lay.Water is null ? "" : $"/{Hand.Technique} {Hand.Water}")}{(Lay.Ground == Ground.Dry ? "" : $"/{Lay.Ground}")}";
}
