using Datura.Core;
using Datura.Core.Body;
using Datura.Core.Fit;
using Datura.Core.Form;
using Datura.Core.Tests.Body;
using Datura.Core.Tests.Order;
using Datura.Core.Tests.Paint;

namespace Datura.Bench;

/// <summary>How true the heart is: every figure with its aim, on larger draws than the tests take.</summary>
internal static class Truth
{
    private static readonly string[] Booth = ["drowned-lamp-keeper", "quay-seal", "storm-cormorant", "barnacle-saint", "kelp-bride", "low-tide-bones", "wreck-diver"];

    public static void Print()
    {
        Console.WriteLine("| what | found | aim |");
        Console.WriteLine("|---|---:|---|");
        Plans();
        Bodies();
        Cards();
        Tapes();
        Versions();
        Minutes();
    }

    private static void Plans()
    {
        var (faults, plans) = (0, 0);
        for (var seed = 10_000; seed < 11_000; seed++)
        {
            var (face, kit) = (DemoWorld.FourFaces[seed % 4], DemoWorld.AllKits[seed / 4 % 3]);
            try
            {
                Planner.Plan(RandomLooks.Look(seed, kit), face, DemoWorld.Bodies[face.Id], kit, RandomLooks.Setting(seed), FormGrid.CoarsePixels);
                plans++;
            }
            catch (PlanException)
            {
                // The painter is told what to change.
            }
            catch (Exception)
            {
                faults++;
            }
        }

        Row("faults in 1,000 random looks", $"{faults} ({plans} plans, the rest refused with a sentence)", "0");
    }

    private static void Bodies()
    {
        foreach (var (who, count, years) in new (string, int, Func<Random, double>)[] { ("adults", 1000, _ => Population.AdultYears), ("children", 500, r => 3 + 10 * r.NextDouble()) })
        {
            var refused = Enumerable.Range(0, count).Count(seed =>
            {
                var random = new Random(50_000 + seed);
                var person = PopulationTests.Person(random, years(random), seed % 2 == 0);
                var share = seed % 3 == 0 ? 1 : random.NextDouble();
                return !PopulationTests.Comes(person.Where(_ => random.NextDouble() < share).ToDictionary(m => m.Key, m => m.Value));
            });
            Row($"{count} {who} of the population refused or off by more than 0.5 mm (girths 1 %)", FormattableString.Invariant($"{100.0 * refused / count:0.0} %"), "under 1 %");
        }
    }

    private static void Cards()
    {
        var (exact, off) = (CardTests.Read(c => c, out _), CardTests.Read(c => new(Math.Round(c.L), Math.Round(c.A), Math.Round(c.B)), out var doubted));
        var digits = CardTests.RoundedOnly();
        Row("5,000 films read exactly: colour over skin, median and 95 % ΔE00", Two(exact), "0.3, 1.5");
        Row("the same read to whole numbers", Two(off), "0.3, 1.5; the median no worse than the next line");
        Row("the very colour over that skin put in whole numbers: what the digits alone take", Two(digits), "");
        Row("films doubted", $"{doubted}", "0");
    }

    private static string Two(double[] rising) => FormattableString.Invariant($"{rising[rising.Length / 2]:0.00}, {rising[95 * rising.Length / 100]:0.00}");

    private static void Tapes()
    {
        var (pairs, beyond) = TapeTests.Against(new Random(17), perStart: 84);
        Row($"tapes beyond 0.3 mm or 0.5 % of an independent method, of {pairs}", $"{beyond}", "0");
    }

    private static void Versions()
    {
        var worst = 0.0;
        foreach (var id in new[] { "storm-cormorant", "kelp-bride", "barnacle-saint", "quay-seal" })
        {
            var look = DemoWorld.Look(id) with { Form = null, Order = null };
            var versions = LookVersions.Of(look, Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade), DemoWorld.Kit, DemoWorld.Parade);
            worst = Math.Max(worst, new[] { 0.3, 0.5, 0.7, 0.9 }.Max(s => versions.For(s * versions.Curve[^1].AtConfidenceSeconds).Best.Gap));
        }

        Row("largest gap to the best version for a slot, four demo looks by four slots", FormattableString.Invariant($"{100 * worst:0.0} %"), "1 % or less");
        foreach (var id in Booth)
        {
            var versions = LookVersions.Of(DemoWorld.Look(id), DemoWorld.Plan(id), DemoWorld.Kit, DemoWorld.Parade);
            Row($"{id} in a booth's 5 min", string.Join(" ", versions.For(300).Versions.Said(5, DemoWorld.Parade).Select(r => r.Sentence)), "fits, or says what to give up");
        }
    }

    private static void Minutes()
    {
        var ratios = PracticeMinuteTests.Ratios();
        foreach (var (what, ratio) in ratios)
        {
            Row($"minutes planned to practised: {what}", FormattableString.Invariant($"{ratio:0.00}"), "0.75 to 1.25");
        }

        Row("the same, mean", FormattableString.Invariant($"{ratios.Average(r => r.Ratio):0.00}"), "0.9 to 1.1");
    }

    private static void Row(string what, string found, string aim) => Console.WriteLine($"| {what} | {found} | {aim} |");
}
