namespace Datura.Core.Photos;

/// <summary>A place of a body that is not known yet: the mean, and how it moves with each unit normal amount, mm.</summary>
internal sealed record FormPlace(Vec3 Mean, Vec3[] Moves)
{
    public Vec3 At(double[] amounts)
    {
        var at = Mean;
        for (var k = 0; k < Moves.Length; k++)
        {
            at += amounts[k] * Moves[k];
        }

        return at;
    }
}
