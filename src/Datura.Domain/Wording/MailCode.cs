namespace Datura.Domain;

/// <summary>What stands in mail.</summary>
public enum MailCode
{
    ResetSubject,
    ResetText,
}
