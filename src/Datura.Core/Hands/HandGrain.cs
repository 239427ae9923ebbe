using Datura.Core.Paint.Unevenness;

namespace Datura.Core.Hands;

/// <summary>What tool, technique and water leave of themselves in a film (common practice which; by eye, not measured, how much).</summary>
public static class HandGrain
{
    // Skin that shows between the grains of a thin coat, 0 to 1, as the spread of the film.
    private const double DepthOfGrain = 0.9;
    private const double RunnyDepth = 0.4;
    private const double FlowingDepth = 0.18;

    // A stroke with enough water dries from its rim.
    private const double WetRim = 0.35;
    private const double CreamyRim = 0.15;

    public static CoatGrain Of(Hand hand, Finish finish)
    {
        if (finish == Finish.Sparkle)
        {
            return new(GrainForm.Glitter, 0.5, 0);
        }

        var wet = hand.Water switch { Water.Runny => RunnyDepth, Water.Flowing => FlowingDepth, _ => 0 };
        var dry = DepthOfGrain * hand.Grain;
        var rim = IsStroke(hand.Technique) ? hand.Water switch { Water.Runny or Water.Flowing => WetRim, Water.Creamy => CreamyRim, _ => 0 } : 0;
        return wet > dry ? new(GrainForm.Streak, wet, rim)
            : dry <= 0 ? CoatGrain.None with { Rim = rim }
            : new(ToolForms.IsBroad(hand.Tool.Form) || hand.Technique is Technique.Dab or Technique.Stipple or Technique.ThroughCard or Technique.Splatter ? GrainForm.Stipple : GrainForm.Bristle, dry, rim);
    }

    private static bool IsStroke(Technique technique) => technique is Technique.Stroke or Technique.PressAndLift or Technique.OnItsSide or Technique.Drip;
}
