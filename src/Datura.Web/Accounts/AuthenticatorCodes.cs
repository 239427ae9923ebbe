using System.Buffers.Text;
using Datura.Store.Accounts;
using Microsoft.AspNetCore.Identity;

namespace Datura.Web.Accounts;

/// <summary>Codes of authenticators (RFC 6238). Each is taken once, so that one that was looked at over a shoulder is worth nothing (5.2 there).</summary>
internal sealed class AuthenticatorCodes : AuthenticatorTokenProvider<Account>
{
    public override async Task<bool> ValidateAsync(string purpose, string token, UserManager<Account> manager, Account user)
    {
        var code = Base64Url.EncodeToString(Secret.Hash($"{user.Id} {token}"));
        if (code == user.LastCode || !await base.ValidateAsync(purpose, token, manager, user))
        {
            return false;
        }

        user.LastCode = code;
        return (await manager.UpdateAsync(user)).Succeeded;
    }
}
