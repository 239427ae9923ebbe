namespace Datura.Web;

public sealed record RoleResource(string Id, string Label, Stage Stage, string ToolName, int Coats, bool Optional);
