namespace Datura.Core.Body;

/// <summary>With what a measure is taken.</summary>
public enum Instrument
{
    Caliper,
    Tape,
}
