using Datura.Core.Calls;

namespace Datura.Web;

/// <summary>The calls of an evening.</summary>
/// <param name="Times">By wearer of the production.</param>
/// <param name="Patches">Whose patch test is not done in time.</param>
public sealed record CallSheetResource(CallSheet Sheet, IReadOnlyList<WearerTime> Times, IReadOnlyList<PatchNote> Patches);
