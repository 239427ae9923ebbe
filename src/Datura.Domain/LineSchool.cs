namespace Datura.Domain;

/// <summary>When lines go on (schools: common practice).</summary>
public enum LineSchool
{
    /// <summary>All in one colour in one go, after all colours.</summary>
    Last,

    /// <summary>Each part's lines when its own colours are dry.</summary>
    AlongTheWay,
}
