namespace Datura.Store.Accounts;

/// <summary>Roles as the database writes them.</summary>
public static class Roles
{
    public static string Write(Role role) => role.ToString().ToLowerInvariant();

    public static Role Read(string text) => Enum.Parse<Role>(text, ignoreCase: true);
}
