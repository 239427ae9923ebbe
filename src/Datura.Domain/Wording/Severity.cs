namespace Datura.Domain;

public enum Severity
{
    Note,
    Warning,
    Stop,
}
