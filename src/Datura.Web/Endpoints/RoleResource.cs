namespace Datura.Web;

/// <param name="Tool">Id of the tool that it usually goes on with.</param>
public sealed record RoleResource(string Id, string Label, Stage Stage, string Tool, string ToolName, int Coats, bool Optional);
