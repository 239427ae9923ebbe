using Datura.Core;
using Datura.Core.Body;
using Datura.Core.Fit;
using Datura.Core.Form;

namespace Datura.Web;

/// <summary>
/// Bodies, plans and pictures of the last requests, each by a hash of its whole input: whoever has the same input gets the same, whatever
/// the studio, and who has not finds nothing.
/// </summary>
public sealed class PlanMemory : IDisposable
{
    public Remembered<FittedBody> Bodies { get; } = new(12);

    public Remembered<PlannedLook> Plans { get; } = new(24);

    public Remembered<(HeldForm Form, byte[] Bare)> Held { get; } = new(6);

    public Remembered<byte[]> KindPictures { get; } = new(300);

    public Remembered<LookVersions> Versions { get; } = new(8);

    public Remembered<(Look Look, IReadOnlyList<StandIn> StandIns)> OnKit { get; } = new(40);

    /// <summary>Forgets everything that a face went into.</summary>
    public void Forget()
    {
        Bodies.Forget();
        Plans.Forget();
        Held.Forget();
        Versions.Forget();
    }

    public void Dispose()
    {
        foreach (IDisposable one in new IDisposable[] { Bodies, Plans, Held, KindPictures, Versions, OnKit })
        {
            one.Dispose();
        }
    }
}
