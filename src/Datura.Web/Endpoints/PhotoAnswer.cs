namespace Datura.Web;

public sealed record PhotoAnswer(Lab Colour, string Hex);
