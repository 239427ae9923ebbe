using System.ComponentModel.DataAnnotations;
using Datura.Core.Photos;

namespace Datura.Web;

/// <summary>What was found in photos of a finished face, and what was planned. No picture is sent.</summary>
public sealed record ReviewRequest(PlanRequest Plan, [property: MaxLength(FacePhoto.MostPhotos)] IReadOnlyList<FacePhoto> Photos);
