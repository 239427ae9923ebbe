namespace Datura.Files.Pictures;

/// <summary>How the wearer holds the eyes in a picture.</summary>
public enum Eyes
{
    Open,
    Closed,
}
