namespace Datura.Domain;

/// <summary>When dark reserved areas are filled (schools: common practice).</summary>
public enum SocketSchool
{
    AfterBase,
    BeforeBase,
}
