using System.ComponentModel.DataAnnotations;
using Datura.Core.Photos;

namespace Datura.Web;

/// <summary>What was found in photos of one face. No picture is sent.</summary>
public sealed record MeasureRequest([property: MaxLength(FacePhoto.MostPhotos)] IReadOnlyList<FacePhoto> Photos);
