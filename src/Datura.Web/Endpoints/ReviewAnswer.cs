using System.ComponentModel.DataAnnotations;
using Datura.Core.Photos;
using Datura.Core.Review;

namespace Datura.Web;

/// <summary>The colours that were asked for.</summary>
/// <param name="CharacterId">Id of the character whose rules the face is held against; null for none.</param>
public sealed record ReviewAnswer(PlanRequest Plan, [property: MaxLength(FacePhoto.MostPhotos)] IReadOnlyList<ReviewedPhoto> Photos, string? CharacterId = null);
