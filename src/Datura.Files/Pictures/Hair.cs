namespace Datura.Files.Pictures;

/// <summary>How the wearer's hair is worn in a picture.</summary>
public enum Hair
{
    /// <summary>As for painting: off the face, behind the ears.</summary>
    TiedBack,

    /// <summary>Parted in the middle, to the jaw.</summary>
    Loose,
}
