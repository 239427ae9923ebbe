namespace Datura.Core.Body;

/// <summary>Mean people (<see cref="Population"/>). All from memory and unverified: starting points, never limits.</summary>
public static class MeasurePresets
{
    private const string Adults = "Farkas 1994 and adult surveys, means from memory, unverified";
    private const string Young = "rounded growth-survey means from memory, unverified";
    private const double TeenagerYears = 14;

    public static IReadOnlyList<MeasurePreset> All { get; } =
    [
        new("man", "Grown man", Adults, Means(id => Population.AdultMm(id, man: true))),
        new("woman", "Grown woman", Adults, Means(id => Population.AdultMm(id, man: false))),
        new("teenager", "Teenager, about 14", Young, Means(id => Population.MeanMm(id, TeenagerYears))),
        .. Population.ChildYears.Reverse().Select(y => new MeasurePreset($"child{y}", $"Child, about {y}", Young, Means(id => Population.MeanMm(id, y)))),
    ];

    // Left and right are alike in the mean, so nothing is said of them.
    private static Dictionary<string, double> Means(Func<string, double> mean) =>
        Measures.All.Where(m => m.Group != MeasureGroup.LeftAndRight).ToDictionary(m => m.Id, m => Math.Round(mean(m.Id), 1));
}
