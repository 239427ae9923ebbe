using Datura.Core.Paint;

namespace Datura.Core.Hands;

/// <summary>Which tool, technique and water a coat goes on with: what the painter chose, and the usual for the rest.</summary>
public static class HandChoice
{
    private static readonly Dictionary<string, ToolDescription> Usual = UsualTools.All.ToDictionary(t => t.Id);

    /// <param name="stencil">Whether the kind lays this coat through a mesh or card.</param>
    public static Hand Of(CoatRole role, CoatLay lay, PaintMix mix, Kit kit, bool stencil = false)
    {
        var usualId = UsualToolOf(role, mix, kit);
        var tool = KitTools.Nearest(kit, lay.Tool ?? usualId);
        var lacked = tool is null || tool.Id != (lay.Tool ?? usualId) ? lay.Tool ?? usualId : null;
        // Nothing in the kit does this work: it is reckoned as usual, and said.
        tool ??= KitTools.Nearest(kit, usualId) ?? Usual[usualId];
        var takesWater = TakesWater(mix, kit);
        var technique = lay.Technique ?? UsualTechnique(tool.Form, stencil);
        var usualWater = UsualWater(technique, tool.Form, takesWater, lay.Split is not null);
        var water = lay.Water ?? usualWater;

        // The tool's own rates and film are those of its usual technique with the usual water.
        var (t, w) = (HandTable.Of(technique), HandTable.Of(water));
        var (tUsual, wUsual) = (HandTable.Of(UsualTechnique(tool.Form, stencil)), HandTable.Of(usualWater));
        // What the kind drew is drawn with the role's usual hand.
        var drawn = Usual[usualId];
        var tDrawn = HandTable.Of(UsualTechnique(drawn.Form, stencil));
        var wDrawn = HandTable.Of(UsualWater(tDrawn.Technique, drawn.Form, takesWater, lay.Split is not null));
        return new(
            tool,
            technique,
            water,
            Film: ToolForms.Film(tool.Form) * t.Film / tUsual.Film * w.Film / wUsual.Film,
            AreaRate: t.AreaRate / tUsual.AreaRate * w.Rate / wUsual.Rate,
            LineRate: t.LineRate / tUsual.LineRate * w.Rate / wUsual.Rate,
            Load: t.Load / tUsual.Load * w.Load / wUsual.Load,
            Drying: w.Drying / wUsual.Drying,
            Width: t.Width / tDrawn.Width * w.Width / wDrawn.Width,
            SoftenMm: (t.EdgeMm - tDrawn.EdgeMm) + (w.EdgeMm - wDrawn.EdgeMm),
            Grain: Math.Clamp(t.Grain * (tool.Form == ToolForm.StippleSponge ? 2 : 1), 0, 1),
            Risks: water == usualWater ? [] : Risks(technique, water),
            Usual: lay.Tool is null && lay.Technique is null && lay.Water is null && lacked is null)
        {
            StandsInFor = lacked,
            // What the kind drew, its usual tool can draw.
            FinestMm = tool.Id == usualId ? 0 : ToolForms.FinestMm(tool),
        };
    }

    /// <summary>Id of the tool that a coat usually goes on with: the kind's, or a pencil for what is one.</summary>
    public static string UsualToolOf(CoatRole role, PaintMix mix, Kit kit) =>
        mix.Shares.All(s => PaintOptics.Find(kit, s.Paint).Material == Material.Pencil) ? Tool.PencilLiner : role.Tool;

    public static Technique UsualTechnique(ToolForm form, bool stencil) => stencil && HandTable.Of(Technique.ThroughCard).Forms.Contains(form) ? Technique.ThroughCard : ToolForms.UsualTechnique(form);

    /// <summary>Whether a mix is worked up with water.</summary>
    public static bool TakesWater(PaintMix mix, Kit kit) => mix.Shares.Any(s => Materials.Of(PaintOptics.Find(kit, s.Paint).Material).GoesOnWet);

    /// <summary>How wet paint usually is: lines creamy, bases damp, split flats flowing; what takes no water dry (common practice).</summary>
    public static Water UsualWater(Technique technique, ToolForm form, bool takesWater, bool split) =>
        !takesWater ? Water.Dry
        : split && technique == Technique.Stroke && !ToolForms.IsSponge(form) ? Water.Flowing
        : HandTable.Of(technique).Waters[0];

    private static IReadOnlyList<HandRisk> Risks(Technique technique, Water water)
    {
        var crisp = technique is Technique.Stroke or Technique.PressAndLift or Technique.OnItsSide or Technique.Flick or Technique.ThroughCard;
        return water switch
        {
            Water.Dry when crisp || technique == Technique.Drag => [HandRisk.Drags],
            Water.Flowing => [crisp ? HandRisk.Bleeds : HandRisk.Streaks],
            Water.Runny => [HandRisk.Runs],
            _ => [],
        };
    }
}
