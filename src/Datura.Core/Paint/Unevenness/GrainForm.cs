namespace Datura.Core.Paint.Unevenness;

/// <summary>How the film of a coat is uneven.</summary>
public enum GrainForm
{
    /// <summary>Even: buffed, blended, pulled out.</summary>
    None,

    /// <summary>Grains of a sponge or a powder.</summary>
    Stipple,

    /// <summary>Marks of single bristles along the stroke.</summary>
    Bristle,

    /// <summary>Runs of a paint that is too wet, downwards.</summary>
    Streak,

    /// <summary>Single flakes that flash.</summary>
    Glitter,
}
