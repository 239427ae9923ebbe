namespace Datura.Domain;

/// <summary>What a face is like to look at; told by the slopes of brow and mouth (common practice).</summary>
public enum Temper
{
    Angry,
    Sad,
    Sly,
    Gentle,
    Noble,
    Frightened,
}
