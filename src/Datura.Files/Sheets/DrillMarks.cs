namespace Datura.Files.Sheets;

/// <summary>What the four marks of a sheet are, from the upper left round the way, fingers up: the places to find in a photo.</summary>
public static class DrillMarks
{
    /// <param name="leftHanded">She paints with the left hand, and so on the right one, whose thumb is on the other side.</param>
    public static IReadOnlyList<string> Words(DrillGround ground, bool leftHanded)
    {
        string[] words = ground switch
        {
            DrillGround.Card => ["upper left corner of the frame", "upper right corner of the frame", "lower right corner of the frame", "lower left corner of the frame"],
            DrillGround.Hand => ["knuckle of the little finger", "knuckle of the index finger", "wrist below the thumb", "wrist below the little finger"],
            DrillGround.Forearm => ["wrist bone of the little finger's side", "wrist bone of the thumb's side", "thickest line, thumb's side", "thickest line, little finger's side"],
            _ => throw new ArgumentOutOfRangeException(nameof(ground)),
        };
        return leftHanded && ground != DrillGround.Card ? [words[1], words[0], words[3], words[2]] : words;
    }
}
