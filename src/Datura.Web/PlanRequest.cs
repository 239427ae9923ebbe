using System.ComponentModel.DataAnnotations;

namespace Datura.Web;

/// <summary>What to plan: a look as it stands in the painter's hands, and by id on whom, with what and where.</summary>
/// <param name="Draft">Shades and lights may be coarse, because something is being dragged.</param>
/// <param name="OnOneself">Painter and wearer are one, whatever the setting says: as in a mirror, one lid at a time.</param>
/// <param name="OnScreen">Coats in the order on screen, which is only left for one that is clearly shorter.</param>
public sealed record PlanRequest(Look Look, string FaceId, string KitId, string SettingId, bool Draft = false, [property: MaxLength(Limits.MostInOrder)] IReadOnlyList<string>? OnScreen = null, bool OnOneself = false);
