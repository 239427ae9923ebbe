namespace Datura.Core.Calls;

/// <summary>When one wearer sits down before whom, minutes after midnight.</summary>
/// <param name="Painter">Name.</param>
/// <param name="PaintedMinute">Out of the chair, with what is kept in reserve.</param>
/// <param name="ReadyMinute">Dried, wigged and dressed.</param>
/// <param name="Chance">Of being ready by the bell.</param>
public sealed record CallEntry(string Wearer, string Painter, int FromMinute, int PaintedMinute, int ReadyMinute, double Chance)
{
    /// <summary>Whether it is other than on the sheet that was out before.</summary>
    public bool Changed { get; init; }

    /// <summary>As it is kept once the sheet is out.</summary>
    public KeptCall Kept => new(Wearer, Painter, FromMinute, PaintedMinute, ReadyMinute);
}
