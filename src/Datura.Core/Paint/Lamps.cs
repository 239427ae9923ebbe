namespace Datura.Core.Paint;

/// <summary>
/// The lights looks are seen under. D65 and A: CIE 15. LEDs: a blue peak and a broad phosphor; stage washes: a filter before
/// lamp light of 3200 K. Shapes from memory, unverified; no maker's filter is meant. Both LEDs lie within what is sold as white
/// (ANSI C78.377, Duv within ±0.006 of its centre; from memory).
/// </summary>
public static class Lamps
{
    private static readonly double[] Stage = BlackBody(3200);

    public static IReadOnlyList<Lamp> All { get; } =
    [
        new("daylight", "Daylight (D65)", Observer.D65),
        new("lampLight", "Lamp light (A)", Observer.A),
        new("warmLed", "Warm LED", Led(0.35, 605, 62)),
        new("coolLed", "Cool LED", Led(1.2, 565, 78)),
        new("red", "Red wash", Filtered(nm => Rise(nm, 605, 9))),
        new("amber", "Amber wash", Filtered(nm => Rise(nm, 555, 14))),
        new("green", "Green wash", Filtered(nm => Bell(nm, 525, 24))),
        new("blue", "Blue wash", Filtered(nm => Bell(nm, 455, 26) + 0.02 * Rise(nm, 700, 8))),
        new("lavender", "Lavender wash", Filtered(nm => 0.25 + 0.75 * (Bell(nm, 440, 40) + Rise(nm, 630, 18)))),
        new("uvFree", "Warm, UV-free", Filtered(nm => Rise(nm, 415, 5))),
    ];

    public static Lamp Find(string id) => All.FirstOrDefault(l => l.Id == id)
        ?? throw new InputException("lamps", ProblemCode.NoSuchLamp, ("lamp", id), ("known", string.Join(", ", All.Select(l => l.Id))));

    /// <summary>Several lamps at once; each counts by its level at equal luminance.</summary>
    /// <exception cref="InputException">No lamp, an unknown one, or no light at all.</exception>
    public static double[] Together(IReadOnlyList<LampLevel> lamps)
    {
        if (lamps.Count == 0 || lamps.Any(l => !(l.Level is >= 0 and <= 10)) || lamps.Sum(l => l.Level) <= 0)
        {
            throw new InputException("lamps", ProblemCode.NoLight);
        }

        var sum = new double[Spectrum.Bands];
        foreach (var (id, level) in lamps.Select(l => (l.Lamp, l.Level)))
        {
            var power = Find(id).Power;
            var luminance = Enumerable.Range(0, Spectrum.Bands).Sum(b => power[b] * Observer.Y[b]);
            for (var b = 0; b < Spectrum.Bands; b++)
            {
                sum[b] += level * power[b] / luminance;
            }
        }

        return sum;
    }

    /// <summary>Relative power of a black body, 1 at 560 nm (Planck; second radiation constant 1.4388e-2 m·K).</summary>
    /// <param name="kelvin">Its temperature.</param>
    internal static double[] BlackBody(double kelvin) => Spectrum.Of(nm =>
        Math.Pow(560 / nm, 5) * (Math.Exp(1.4388e7 / (kelvin * 560)) - 1) / (Math.Exp(1.4388e7 / (kelvin * nm)) - 1));

    private static double[] Led(double blue, double phosphorNm, double spreadNm) =>
        Spectrum.Of(nm => blue * Bell(nm, 452, 10) + Bell(nm, phosphorNm, spreadNm));

    private static double[] Filtered(Func<double, double> passes) => Spectrum.Of(nm => Stage[(int)((nm - Spectrum.FirstNm) / Spectrum.StepNm)] * passes(nm));

    private static double Bell(double nm, double at, double spread) => Math.Exp(-(nm - at) * (nm - at) / (2 * spread * spread));

    private static double Rise(double nm, double at, double width) => 1 / (1 + Math.Exp(-(nm - at) / width));
}
