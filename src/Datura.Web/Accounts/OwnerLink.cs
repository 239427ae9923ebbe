using Datura.Store.Accounts;

namespace Datura.Web.Accounts;

/// <summary>How the first owner comes in: a link that works once, told where the service was started and nowhere else.</summary>
internal static class OwnerLink
{
    private static readonly TimeSpan GoodFor = TimeSpan.FromDays(1);

    /// <returns>The link's end, to be put behind the address of the service; null when somebody has an account already.</returns>
    public static async Task<string?> MakeAsync(AccountStore accounts, MemberStore members)
    {
        if (await accounts.AnyAsync())
        {
            return null;
        }

        var token = Secret.New();
        await members.AddLinkAsync(Secret.Hash(token), new("join", Studio.Own, Role.Owner, null), GoodFor);
        return $"/join#{token}";
    }
}
