namespace Datura.Core.Paint;

/// <summary>How one colour is made from the smaller kit.</summary>
public sealed record MadeColour(string Use, Lab Wanted, Recipe Recipe);
