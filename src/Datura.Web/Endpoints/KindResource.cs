using Datura.Core.Shapes;

namespace Datura.Web;

/// <summary>All that the inspector needs to draw a kind.</summary>
/// <param name="ReliefMm">How far it usually seems to stand out of the skin; null for flat kinds.</param>
/// <param name="FollowsItsHost">Whether it draws itself along the part it hangs on.</param>
/// <param name="StandsAlone">Whether it is anything without a part to hang on.</param>
public sealed record KindResource(
    string Id, string Label, Family Family, bool Sided, IReadOnlyList<string> HangsOn, IReadOnlyList<ParameterResource> Parameters, IReadOnlyList<RoleResource> Roles,
    double? ReliefMm, bool FollowsItsHost, bool StandsAlone);
