namespace Datura.Web;

/// <summary>A character as it stands in the painter's hands, and the setting its wearers are seen in.</summary>
public sealed record CharacterRequest(Character Character, string SettingId);
