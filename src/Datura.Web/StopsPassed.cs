using Datura.Core;

namespace Datura.Web;

/// <summary>Nothing goes into the chair while a stop is open.</summary>
internal static class StopsPassed
{
    /// <exception cref="InputException">Stops that nobody has passed yet; it names them.</exception>
    public static void Check(Plan plan)
    {
        if (plan.OpenStops > 0)
        {
            throw new InputException("look.passed", ProblemCode.StopsOpen,
                ("stops", string.Join(" ", plan.Cautions.Where(c => c is { Severity: Severity.Stop, Passed: null }).Select(c => c.Sentence))));
        }
    }
}
