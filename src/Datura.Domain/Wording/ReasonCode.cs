namespace Datura.Domain;

/// <summary>How a rule of order puts a step where it is.</summary>
public enum ReasonCode
{
    /// <summary>By itself.</summary>
    Rule,

    /// <summary>Behind another step.</summary>
    After,

    /// <summary>In front of another step.</summary>
    Before,

    /// <summary>It could not be kept: a stronger one holds.</summary>
    GivesWay,
}
