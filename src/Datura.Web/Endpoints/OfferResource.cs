using Datura.Core.Shapes;

namespace Datura.Web;

/// <summary>A part that could be hung on a zone, with what it would measure.</summary>
public sealed record OfferResource(string Kind, string Label, IReadOnlyList<SizeLine> Sizes, Part Part);
