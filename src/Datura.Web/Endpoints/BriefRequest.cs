namespace Datura.Web;

/// <summary>A brief, and for whom, with what and where.</summary>
public sealed record BriefRequest(Brief Brief, string FaceId, string KitId, string SettingId);
