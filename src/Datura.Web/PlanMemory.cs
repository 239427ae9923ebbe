using System.Collections.Concurrent;
using Datura.Core;
using Datura.Core.Body;
using Datura.Core.Fit;
using Datura.Core.Form;

namespace Datura.Web;

/// <summary>
/// Bodies, plans and pictures of the last requests, each by a hash of its whole input: whoever has the same input gets the same, whatever
/// the studio, and who has not finds nothing.
/// </summary>
/// <remarks>
/// A body takes 25 MB, a plan one and its body as long as it is remembered, one with a form 30 more, six proposals 6 (measured): with all of these full the service
/// holds some 300 MB and has 250 more for what is being computed (Datura.Web.csproj).
/// </remarks>
public sealed class PlanMemory : IDisposable
{
    // Every body that something still holds: without it each plan of one face comes to hold a body of its own.
    private readonly ConcurrentDictionary<string, WeakReference<FittedBody>> alive = new();

    public Remembered<FittedBody> Bodies { get; } = new(3);

    public Remembered<PlannedLook> Plans { get; } = new(8);

    public Remembered<(HeldForm Form, byte[] Bare)> Held { get; } = new(3);

    public Remembered<byte[]> KindPictures { get; } = new(300);

    public Remembered<LookVersions> Versions { get; } = new(4);

    public Remembered<IReadOnlyList<Core.Briefs.Proposal>> Proposed { get; } = new(2);

    public Remembered<(Look Look, IReadOnlyList<StandIn> StandIns)> OnKit { get; } = new(40);

    public Remembered<Core.Learn.BookOf> Books { get; } = new(30);

    /// <summary>The body of these measures that a plan still holds, or a new one.</summary>
    /// <param name="key">The measures as text.</param>
    public FittedBody Body(string key, Func<FittedBody> make)
    {
        if (alive.TryGetValue(key, out var kept) && kept.TryGetTarget(out var body))
        {
            return body;
        }

        foreach (var (old, gone) in alive)
        {
            if (!gone.TryGetTarget(out _))
            {
                alive.TryRemove(old, out _);
            }
        }

        body = make();
        alive[key] = new(body);
        return body;
    }

    /// <summary>Forgets everything that a face went into.</summary>
    public void Forget()
    {
        alive.Clear();
        Bodies.Forget();
        Plans.Forget();
        Held.Forget();
        Versions.Forget();
        Proposed.Forget();
        Books.Forget();
    }

    public void Dispose()
    {
        foreach (IDisposable one in new IDisposable[] { Bodies, Plans, Held, KindPictures, Versions, Proposed, OnKit, Books })
        {
            one.Dispose();
        }
    }
}
