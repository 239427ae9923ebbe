namespace Datura.Core.Body;

/// <summary>How measures are grouped on the page of a face.</summary>
public enum MeasureGroup
{
    Heights,
    Widths,
    Round,
    NeckAndChest,
    LeftAndRight,
}
