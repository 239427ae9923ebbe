using System.Net.Mail;
using Datura.Store.Accounts;
using Microsoft.AspNetCore.Identity;

namespace Datura.Web.Accounts;

/// <summary>
/// A name is none that could be somebody's address, or whoever types an address could mean another; an address of mail is one, and one person's.
/// </summary>
internal sealed class AccountRule : IUserValidator<Account>
{
    private static readonly IdentityErrorDescriber Errors = new();

    public async Task<IdentityResult> ValidateAsync(UserManager<Account> manager, Account user)
    {
        if (user.Name.Contains('@', StringComparison.Ordinal))
        {
            return IdentityResult.Failed(Errors.InvalidUserName(user.Name));
        }

        if (user.Mail is not { } mail)
        {
            return IdentityResult.Success;
        }

        return !MailAddress.TryCreate(mail, out var read) || read.Address != mail ? IdentityResult.Failed(Errors.InvalidEmail(mail))
            : await manager.FindByEmailAsync(mail) is { } other && other.Id != user.Id ? IdentityResult.Failed(Errors.DuplicateEmail(mail))
            : IdentityResult.Success;
    }
}
