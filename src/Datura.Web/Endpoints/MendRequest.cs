namespace Datura.Web;

/// <summary>One rule that one wearer's look shall meet.</summary>
/// <param name="Rule">Its key.</param>
public sealed record MendRequest(Character Character, string SettingId, Wearer Wearer, string Rule);
