namespace Datura.Core;

/// <summary>A pose to ask for.</summary>
public sealed record PlanPose(Pose Pose, string Words);
