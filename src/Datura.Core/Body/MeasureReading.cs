namespace Datura.Core.Body;

/// <summary>How a measure is read off a skin: the places that matter and what is made of them.</summary>
public abstract record MeasureReading
{
    /// <summary>Places on the reference skin that the measure needs.</summary>
    public abstract IReadOnlyList<SkinPoint> Places();

    /// <summary>Value in mm once the places are known in space.</summary>
    public abstract double Value(IReadOnlyList<Vec3> at);

    /// <summary>Value on a skin, mm.</summary>
    public virtual double On(SkinGrid skin) => Value([.. Places().Select(skin.Position)]);

    private protected static SkinPoint Named(Landmark landmark) => Landmarks.At(landmark);
}
