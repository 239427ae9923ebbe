using Datura.Store.Accounts;
using Microsoft.AspNetCore.Identity;

namespace Datura.Web.Accounts;

/// <summary>Long, and neither the name nor a few signs over and over; no rules about kinds of signs (NIST SP 800-63B-4, 3.1.1.2).</summary>
internal sealed class PasswordRule : IPasswordValidator<Account>
{
    public const int Least = 12;
    public const int Most = 128;
    private const int LeastDifferent = 5;

    // A name of a letter or two stands in many words.
    private const int LeastOfName = 4;

    public Task<IdentityResult> ValidateAsync(UserManager<Account> manager, Account user, string? password) => Task.FromResult(
        password is { Length: >= Least and <= Most } && password.Distinct().Count() >= LeastDifferent
            && !(user.Name.Length >= LeastOfName && password.Contains(user.Name, StringComparison.OrdinalIgnoreCase))
            ? IdentityResult.Success : IdentityResult.Failed(new IdentityError { Code = nameof(ProblemCode.PasswordTooWeak) }));
}
