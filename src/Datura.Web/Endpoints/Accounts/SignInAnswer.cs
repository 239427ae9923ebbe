namespace Datura.Web;

/// <summary>How far signing in has come.</summary>
/// <param name="SecondFactor">A code of the authenticator is asked for now.</param>
public sealed record SignInAnswer(bool SecondFactor);
