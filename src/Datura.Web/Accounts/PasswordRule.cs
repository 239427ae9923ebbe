using Datura.Store.Accounts;
using Microsoft.AspNetCore.Identity;

namespace Datura.Web.Accounts;

/// <summary>
/// Long, and neither the name nor a few signs over and over, nor what is tried first: passwords that many have, words with digits after them,
/// rows of keys. No rules about kinds of signs (NIST SP 800-63B-4, 3.1.1.2). How soon it would be guessed: D. L. Wheeler, "zxcvbn: low-budget
/// password strength estimation", USENIX Security 2016, with its lists of 30,000 passwords and of words and names.
/// </summary>
internal sealed class PasswordRule : IPasswordValidator<Account>
{
    public const int Least = 12;
    public const int Most = 128;
    private const int LeastDifferent = 5;

    // A name of a letter or two stands in many words.
    private const int LeastOfName = 4;

    // Of 0 to 4: 10⁸ guesses and more.
    private const int LeastScore = 3;

    public Task<IdentityResult> ValidateAsync(UserManager<Account> manager, Account user, string? password) => Task.FromResult(
        password is { Length: >= Least and <= Most } && password.Distinct().Count() >= LeastDifferent
            && !(user.Name.Length >= LeastOfName && password.Contains(user.Name, StringComparison.OrdinalIgnoreCase))
            && new Zxcvbn.Zxcvbn().EvaluatePassword(password, [user.Name, "datura"]).Score >= LeastScore
            ? IdentityResult.Success : IdentityResult.Failed(new IdentityError { Code = nameof(ProblemCode.PasswordTooWeak) }));
}
