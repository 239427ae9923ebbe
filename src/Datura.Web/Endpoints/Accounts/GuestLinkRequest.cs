using System.ComponentModel.DataAnnotations;

namespace Datura.Web;

/// <summary>What a guest is to see: one look on one face.</summary>
/// <param name="Days">For how long.</param>
public sealed record GuestLinkRequest(string LookId, string FaceId, string KitId, string SettingId, [property: Range(1, 60)] int Days);
