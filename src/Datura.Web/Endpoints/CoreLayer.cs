namespace Datura.Web;

/// <summary>One layer of a core, from the skin up.</summary>
/// <param name="FilmUm">Dry film at this very place; soft edges are thinner.</param>
/// <param name="Colour">What is seen after it by day.</param>
/// <param name="UnderLight">The same under the asked light.</param>
/// <param name="Laid">How it was laid on what lies beneath: dry, wet into wet, or with water that lifts some of it.</param>
/// <param name="Everywhere">The same under every lamp of the list, in its order.</param>
public sealed record CoreLayer(string Part, string Coat, string Paint, double FilmUm, string Laid, string Colour, string UnderLight, IReadOnlyList<string> Everywhere);
