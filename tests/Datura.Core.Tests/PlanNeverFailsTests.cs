using System.Collections.Concurrent;
using Datura.Core.Form;
using Datura.Core.Order;
using Datura.Core.Tests.Order;

namespace Datura.Core.Tests;

/// <summary>Whatever a painter sets, there is a plan or a sentence that says what to change; never a fault.</summary>
public class PlanNeverFailsTests
{
    // DATURA_DRAWS draws more: 20000 take a quarter of an hour.
    private static readonly int Looks = int.TryParse(Environment.GetEnvironmentVariable("DATURA_DRAWS"), out var draws) ? draws : 400;

    [Fact]
    public void ARandomLookGivesAPlanOrAProblem()
    {
        var (faults, plans) = (new ConcurrentBag<string>(), 0);
        Parallel.For(0, Looks, seed =>
        {
            var (face, kit) = (DemoWorld.FourFaces[seed % 4], DemoWorld.AllKits[seed / 4 % 3]);
            try
            {
                var planned = Planner.Plan(RandomLooks.Look(seed, kit), face, DemoWorld.Bodies[face.Id], kit, RandomLooks.Setting(seed), FormGrid.CoarsePixels);
                Interlocked.Increment(ref plans);
                if (planned.Plan.Cautions.FirstOrDefault(c => !c.Sentence.EndsWith('.') || c.Sentence.Contains('{')) is { } unsaid)
                {
                    faults.Add($"{seed}: {unsaid.Code} has no sentence");
                }

                var table = ListScheduler.Best(planned.Network!);
                if (!ShortestOrderTests.Sound(planned.Network!, table) || !PinnedOrder.IsSound(planned.Network!, table.Order))
                {
                    faults.Add($"{seed}: the order breaks a rule, a tie or a pin");
                }
            }
            catch (PlanException problem) when (problem.Problems.All(p => p.Sentence.Length > 20 && p.Sentence.EndsWith('.')))
            {
                // The painter is told what to change.
            }
            catch (Exception fault)
            {
                faults.Add($"{seed}: {fault.GetType().Name} {fault.Message} {fault.StackTrace?.Split('\n').FirstOrDefault(l => l.Contains("Datura", StringComparison.Ordinal))}");
            }
        });
        Assert.True(faults.IsEmpty, $"{faults.Count} faults; {string.Join('\n', faults.Take(12))}");
        Assert.True(plans > 0.6 * Looks, $"only {plans} plans; the draw asks for too much nonsense to tell anything");
    }
}
