using Datura.Core.Hands;

namespace Datura.Web;

/// <summary>What a coat can be laid with, and how.</summary>
/// <param name="Tools">The usual tools.</param>
/// <param name="Techniques">In the order in which they are offered.</param>
/// <param name="Waters">From dry to runny.</param>
public sealed record HandWords(IReadOnlyList<ToolDescription> Tools, IReadOnlyList<TechniqueWords> Techniques, IReadOnlyList<WaterWords> Waters)
{
    public static HandWords All { get; } = new(
        UsualTools.All,
        [.. HandTable.Techniques.Select(t => new TechniqueWords(t.Technique, Catalogue.Of(t.Technique).Text, t.Forms, t.Waters))],
        [.. HandTable.Waters.Select(w => new WaterWords(w.Water, Catalogue.Of(w.Water).Text, Catalogue.Of(Test(w.Water)).Text))]);

    private static RemarkCode Test(Water water) => water switch
    {
        Water.Dry => RemarkCode.WaterDry,
        Water.Damp => RemarkCode.WaterDamp,
        Water.Creamy => RemarkCode.WaterCreamy,
        Water.Flowing => RemarkCode.WaterFlowing,
        _ => RemarkCode.WaterRunny,
    };
}
