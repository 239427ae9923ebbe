namespace Datura.Core.Characters;

/// <summary>One rule of a character: what it wants, whether a look does it, and what would be changed so that it does.</summary>
/// <param name="key">Unique within the character.</param>
internal abstract class CharacterRule(string key)
{
    public string Key => key;

    /// <summary>The character's part that it speaks of; null when it speaks of the whole look.</summary>
    public virtual CharacterPart? Part => null;

    public abstract Remark Demand { get; }

    /// <summary>The same look and rule always give the same finding.</summary>
    public abstract RuleFinding Judge(WornLook worn);

    /// <summary>Looks that might meet it, the smallest change first.</summary>
    public abstract IEnumerable<Look> Changes(WornLook worn);

    protected RuleFinding Finding(IReadOnlyList<string> parts, RuleState state, Remark found, double off) => new(key, parts, state, Demand, found, off);
}
