using Datura.Core.Photos;

namespace Datura.Web;

/// <summary>A plan, and the photo it is to be seen beside.</summary>
public sealed record PlannedPhotoRequest(PlanRequest Plan, FacePhoto Photo);
