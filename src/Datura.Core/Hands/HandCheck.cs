using Datura.Core.Paint;

namespace Datura.Core.Hands;

/// <summary>Which tool, technique and water cannot go together, and why.</summary>
public static class HandCheck
{
    /// <summary>What of a look's wishes cannot be, with the field of each.</summary>
    public static IEnumerable<Problem> Of(Look look, Kit kit)
    {
        for (var k = 0; k < look.Parts.Count; k++)
        {
            var part = look.Parts[k];
            if (part.Laid is null || Shapes.PartKinds.Find(part.Kind) is not { } kind)
            {
                continue;
            }

            foreach (var (id, lay) in part.Laid)
            {
                if (kind.Roles.FirstOrDefault(r => r.Id == id) is { } role && part.Paints.TryGetValue(id, out var mix)
                    && Refusal(HandChoice.Of(role, lay, mix, kit, kind.StencilRoles.Contains(role)), lay, mix, kit, $"parts[{k}].laid.{id}", kind.LabelOf(part), role.Label.ToLowerInvariant())
                        is { } problem)
                {
                    yield return problem;
                }
            }
        }
    }

    /// <summary>The same of computed shades and lights, whose paints are found first.</summary>
    public static IEnumerable<Problem> OfForm(ExpandedPart form, FormWish wish, Kit kit) =>
        from laid in wish.Laid ?? new Dictionary<string, CoatLay>()
        let role = form.Kind.Roles.FirstOrDefault(r => r.Id == laid.Key)
        where role is not null && form.Part.Paints.ContainsKey(laid.Key)
        let mix = form.Part.Paints[laid.Key]
        let problem = Refusal(HandChoice.Of(role, laid.Value, mix, kit), laid.Value, mix, kit, $"form.laid.{laid.Key}", form.Label, role.Label.ToLowerInvariant())
        where problem is not null
        select problem;

    /// <returns>The reason why it cannot be; null when it can.</returns>
    private static Problem? Refusal(Hand hand, CoatLay lay, PaintMix mix, Kit kit, string field, string part, string coat)
    {
        if (lay.PullOut is not null && !HandChoice.TakesWater(mix, kit))
        {
            return Problem.Of($"{field}.pullOut", ProblemCode.TakesNoWater, ("part", part), ("coat", coat), ("tool", hand.Tool.Name), ("technique", Word(Technique.PullOut)),
                ("water", Word(Water.Damp)), ("paint", PaintOptics.Find(kit, mix.Shares[0].Paint).Name));
        }

        if (hand.Usual)
        {
            return null;
        }

        var (tool, row) = (hand.Tool, HandTable.Of(hand.Technique));
        (string, object)[] said = [("part", part), ("coat", coat), ("tool", tool.Name), ("technique", Word(hand.Technique)), ("water", Word(hand.Water))];
        if (!ToolForms.Paints(tool.Form))
        {
            return Problem.Of($"{field}.tool", ProblemCode.ToolHoldsNoPaint, [.. said]);
        }

        if (!row.Forms.Contains(tool.Form))
        {
            return Problem.Of($"{field}.technique", ProblemCode.ToolCannot, [.. said, ("known", Known(tool.Form))]);
        }

        var takesWater = HandChoice.TakesWater(mix, kit);
        var pencil = mix.Shares.Any(s => PaintOptics.Find(kit, s.Paint).Material == Material.Pencil);
        if (pencil != (tool.Form == ToolForm.Pencil))
        {
            return Problem.Of($"{field}.tool", pencil ? ProblemCode.PencilByItself : ProblemCode.PencilHoldsNoPaint, [.. said]);
        }

        if (!takesWater && (lay.Water is not null and not Water.Dry || hand.Technique is Technique.PullOut or Technique.Drip or Technique.Splatter))
        {
            return Problem.Of($"{field}.water", ProblemCode.TakesNoWater, [.. said, ("paint", PaintOptics.Find(kit, mix.Shares[0].Paint).Name)]);
        }

        if (takesWater && !row.Waters.Contains(hand.Water))
        {
            return Problem.Of($"{field}.water", ProblemCode.WaterCannot, [.. said, ("waters", string.Join(", ", row.Waters.Select(Word)))]);
        }

        if (lay.Split is not null && !ToolForms.TakesSplitLoad(tool.Form) && (lay.Tool is not null || lay.Technique is not null))
        {
            return Problem.Of($"{field}.tool", ProblemCode.SplitNeedsWide, [.. said]);
        }

        return hand.Technique == Technique.ThroughCard && lay.Technique is not null && !KitTools.HasStencil(kit) ? Problem.Of($"{field}.technique", ProblemCode.NoCard, [.. said]) : null;
    }

    /// <summary>What can be done with a tool of a form, in words.</summary>
    private static string Known(ToolForm form) => string.Join(", ", HandTable.Techniques.Where(t => t.Forms.Contains(form)).Select(t => Word(t.Technique)));

    private static string Word<T>(T value)
        where T : struct, Enum => Catalogue.Of(value).Text.ToLowerInvariant();
}
