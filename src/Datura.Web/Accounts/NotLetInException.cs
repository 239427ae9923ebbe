namespace Datura.Web.Accounts;

/// <summary>Whoever wanted in has not shown who they are.</summary>
public sealed class NotLetInException(ProblemCode code) : Exception(code.ToString())
{
    public ProblemCode Code => code;
}
