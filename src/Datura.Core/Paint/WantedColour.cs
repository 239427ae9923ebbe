namespace Datura.Core.Paint;

/// <summary>A colour that has to be made, and where it is used.</summary>
public sealed record WantedColour(string Use, Lab Colour);
