namespace Datura.Store.Accounts;

/// <summary>A person's way in. Mutable, as the framework's user managers work on it.</summary>
public sealed class Account
{
    public Guid Id { get; init; } = Guid.CreateVersion7();

    /// <summary>As others see it, and what is typed in to sign in.</summary>
    public required string Name { get; set; }

    /// <summary>The name in one case, by which it is found.</summary>
    public string SignInName { get; set; } = "";

    /// <summary>Where a forgotten password's link goes; null for none.</summary>
    public string? Mail { get; set; }

    public string? MailKey { get; set; }

    public string? PasswordHash { get; set; }

    /// <summary>Changes when password or second factor do; links sent before are then void.</summary>
    public string SecurityStamp { get; set; } = Guid.NewGuid().ToString("N");

    /// <summary>Changes with every write.</summary>
    public string ConcurrencyStamp { get; set; } = Guid.NewGuid().ToString("N");

    public bool SecondFactor { get; set; }

    /// <summary>The secret shared with an authenticator application (RFC 6238), base 32.</summary>
    public string? AuthenticatorKey { get; set; }

    /// <summary>Hashes of the codes that work once instead of the authenticator, separated by semicolons.</summary>
    public string RecoveryCodes { get; set; } = "";

    /// <summary>Hash of the authenticator's code that was taken last; it is not taken again.</summary>
    public string? LastCode { get; set; }

    public int FailedCount { get; set; }

    public DateTimeOffset? LockedUntil { get; set; }
}
