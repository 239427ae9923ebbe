using Datura.Core.Hands;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Hands;

/// <summary>What tool, technique and water are to each other (common practice), and the laws of the table.</summary>
public class HandTableTests
{
    [Fact]
    public void EveryTechniqueAndWaterHasItsRow()
    {
        Assert.Equal(Enum.GetValues<Technique>(), HandTable.Techniques.Select(t => t.Technique));
        Assert.Equal(Enum.GetValues<Water>(), HandTable.Waters.Select(w => w.Water));
        Assert.All(HandTable.Techniques, t => Assert.True(t.Forms.Count > 0 && t.Waters.Count > 0 && t.Source.Length > 0));
        // Whatever a tool is usually used for, it can do.
        Assert.All(Enum.GetValues<ToolForm>(), f => Assert.Contains(f, HandTable.Of(ToolForms.UsualTechnique(f)).Forms));
        Assert.Equal(UsualTools.All.Count, UsualTools.All.Select(t => t.Id).Distinct().Count());
    }

    // The wetter, the longer it takes to dry and the broader the line; dry paint only tints.
    [Fact]
    public void WetterPaintDriesLaterAndSpreadsFurther()
    {
        var wet = HandTable.Waters;
        Assert.All(wet.Zip(wet.Skip(1)), w => Assert.True(w.First.Drying < w.Second.Drying && w.First.Width <= w.Second.Width));
        Assert.True(HandTable.Of(Water.Dry).Film < 0.5 * HandTable.Of(Water.Creamy).Film);
        Assert.True(HandTable.Of(Water.Runny).Film < HandTable.Of(Water.Flowing).Film && HandTable.Of(Water.Flowing).Film < HandTable.Of(Water.Creamy).Film);
    }

    [Fact]
    public void EachTechniqueDoesWhatItIsDoneFor()
    {
        TechniqueRow Row(Technique t) => HandTable.Of(t);
        // Dragging is fast and streaky, stippling slow, even and thicker; buffing softens; a cast is the thinnest veil.
        Assert.True(Row(Technique.Drag).AreaRate > Row(Technique.Dab).AreaRate && Row(Technique.Dab).AreaRate > Row(Technique.Stipple).AreaRate);
        Assert.True(Row(Technique.Stipple).Film > Row(Technique.Dab).Film && Row(Technique.Stipple).Grain < Row(Technique.Drag).Grain);
        Assert.True(Row(Technique.Buff).EdgeMm > Row(Technique.Dab).EdgeMm && Row(Technique.Dab).EdgeMm > Row(Technique.Stroke).EdgeMm);
        Assert.Equal(Technique.Cast, HandTable.Techniques.MinBy(t => t.Film)!.Technique);
        // On its side a brush fills, pressed it widens, flicked it thins; a dry brush shows the most grain of all strokes.
        Assert.True(Row(Technique.OnItsSide).Width > Row(Technique.PressAndLift).Width && Row(Technique.PressAndLift).Width > 1 && Row(Technique.Flick).Width < 1);
        Assert.True(Row(Technique.DryBrush).Grain > Row(Technique.Stroke).Grain);
        Assert.Equal([Water.Runny], Row(Technique.Drip).Waters);
        Assert.Equal([Water.Dry], Row(Technique.DryBrush).Waters);
        Assert.Equal([Water.Damp], Row(Technique.PullOut).Waters);
    }

    [Fact]
    public void WhatNoHandDoesIsNotOffered()
    {
        (ToolForm, Technique)[] never = [(ToolForm.Sponge, Technique.Flick), (ToolForm.Pencil, Technique.Dab), (ToolForm.Puff, Technique.Stroke), (ToolForm.Finger, Technique.Splatter),
            (ToolForm.Round, Technique.FingerBlend), (ToolForm.SoftBrush, Technique.Drip)];
        Assert.All(never, n => Assert.DoesNotContain(n.Item1, HandTable.Of(n.Item2).Forms));
    }

    // Values that every kind was made with: the usual hand changes nothing.
    [Fact]
    public void TheUsualHandIsTheMeasureOfAll()
    {
        foreach (var kind in PartKinds.All)
        {
            foreach (var role in kind.Roles)
            {
                var hand = HandChoice.Of(role, CoatLay.Usual, new([new("rust", 1)]), DemoWorld.Kit, kind.StencilRoles.Contains(role));
                Assert.Equal((1.0, 1.0, 1.0, 1.0, 1.0, 0.0), (hand.AreaRate, hand.LineRate, hand.Load, hand.Drying, hand.Width, hand.SoftenMm));
                Assert.Equal(ToolForms.Film(hand.Tool.Form), hand.Film);
                Assert.True(hand.Usual && hand.Risks.Count == 0 && hand.StandsInFor is null, $"{kind.Id}/{role.Id}");
            }
        }
    }

    [Fact]
    public void LinesAreCreamyBasesDampAndSplitFlatsFlowing()
    {
        Assert.Equal(Water.Creamy, HandChoice.UsualWater(Technique.Stroke, ToolForm.Round, true, false));
        Assert.Equal(Water.Damp, HandChoice.UsualWater(Technique.Dab, ToolForm.Sponge, true, false));
        Assert.Equal(Water.Flowing, HandChoice.UsualWater(Technique.Stroke, ToolForm.Flat, true, true));
        Assert.Equal(Water.Damp, HandChoice.UsualWater(Technique.Dab, ToolForm.Sponge, true, true));
        Assert.Equal(Water.Dry, HandChoice.UsualWater(Technique.Buff, ToolForm.SoftBrush, false, false));
    }

    // A finer tool of a form leaves the finer line.
    [Fact]
    public void NarrowerToolsDrawFiner() => Assert.All(UsualTools.All.GroupBy(t => t.Form), form =>
        Assert.Equal(form.OrderBy(t => t.WidthMm).Select(t => t.Id), form.OrderBy(ToolForms.FinestMm).Select(t => t.Id)));

    // Whoever reads the paper reads the table.
    [Fact]
    public void ThePaperHasTheTable()
    {
        var rows = File.ReadLines(Path.Combine(Repository.Root, "docs", "hands.md")).Where(l => l.StartsWith("| ", StringComparison.Ordinal)).Select(l => l.Trim('|', ' ').Split(" | ")).ToArray();
        string[] Of(string word) => rows.Single(r => r[0] == word);
        string Word<T>(T of)
            where T : struct, Enum => Catalogue.Of(of).Text.ToLowerInvariant();
        string[] Written(params double[] values) => [.. values.Select(v => v.ToString(System.Globalization.CultureInfo.InvariantCulture))];
        Assert.All(HandTable.Techniques, t => Assert.Equal(
            [Word(t.Technique), .. Written(t.Film, t.AreaRate, t.LineRate, t.Load, t.Width, t.EdgeMm, t.Grain), string.Join(", ", t.Waters.Select(Word))], Of(Word(t.Technique))));
        Assert.All(HandTable.Waters, w => Assert.Equal([Word(w.Water), .. Written(w.Film, w.Rate, w.Load, w.Drying, w.Width, w.EdgeMm)], Of(Word(w.Water))));
    }
}
