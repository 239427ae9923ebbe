using System.Net.Mail;

namespace Datura.Web.Accounts;

/// <summary>Mail as files in a folder, for whatever sends mail on this machine to pick up (DATURA_MAIL); none is sent without one.</summary>
internal sealed partial class MailDrop(IConfiguration settings, ILogger<MailDrop> log)
{
    public const string Setting = "DATURA_MAIL";

    private static readonly MailAddress From = new("datura@localhost", "Datura");

    public async Task SendAsync(string to, string subject, string text, CancellationToken cancel = default)
    {
        if (settings[Setting] is not { Length: > 0 } folder)
        {
            LogNoFolder(log, Setting);
            return;
        }

        if (OperatingSystem.IsWindows())
        {
            Directory.CreateDirectory(folder);
        }
        else
        {
            // Who can read a mail can set a password.
            Directory.CreateDirectory(folder, UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute);
        }

        using var client = new SmtpClient { DeliveryMethod = SmtpDeliveryMethod.SpecifiedPickupDirectory, PickupDirectoryLocation = Path.GetFullPath(folder) };
        using var mail = new MailMessage(From, new MailAddress(to)) { Subject = subject, Body = text };
        await client.SendMailAsync(mail, cancel);
    }

    [LoggerMessage(LogLevel.Warning, "A mail was not sent: {Setting} names no folder")]
    private static partial void LogNoFolder(ILogger log, string setting);
}
