namespace Datura.Web;

public sealed record SettingResource(string Id, int Revision, Setting Setting);
