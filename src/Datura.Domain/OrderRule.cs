namespace Datura.Domain;

/// <summary>A named rule of order.</summary>
/// <param name="Strict">A strict rule is never broken; a soft one only decides between orders that are equally short.</param>
/// <param name="Switchable">Whether schools differ, so that the painter may switch it off.</param>
/// <param name="Rank">Of two rules that cannot both be kept the lower rank holds and the other gives way.</param>
public sealed record OrderRule(string Id, bool Strict, bool Switchable, int Rank = 1, string Source = "common practice")
{
    /// <summary>As a painter says it; follows "because".</summary>
    public string Words => Catalogue.Of("rule", Id).Text;
}
