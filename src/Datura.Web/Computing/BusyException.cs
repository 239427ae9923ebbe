namespace Datura.Web.Computing;

/// <summary>So many wait already that one more would only wait in vain.</summary>
public sealed class BusyException(int waiting) : Exception("Too many wait to compute.")
{
    public int Waiting => waiting;
}
