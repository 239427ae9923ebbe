using Datura.Core.Calls;

namespace Datura.Core.Tests.Calls;

/// <summary>The floor under a large company's sheet, held against every possible sheet of small ones; and how near large sheets come to it.</summary>
public class CallFloorTests
{
    private static double Floor(CallProblem problem) => CallFloor.Of(problem, (k, p) => (int)Math.Ceiling(problem.Tasks[k].Minutes * problem.Hands[p].Pace - 1e-9), 20, 10)!.Value;

    [Fact]
    public void NoSheetIsBelowItAndWithoutRestsOneReachesIt()
    {
        for (var seed = 0; seed < 40; seed++)
        {
            var random = new SeededRandom((ulong)seed);
            var (n, painters) = (1 + (int)(random.Unit() * 5), 1 + (int)(random.Unit() * 2));
            // All dress equally long on even seeds: there the programme has whole answers (an assignment), and is the best sheet.
            CallTask[] tasks = [.. Enumerable.Range(0, n).Select(k => CallSheetTests.Task(k, 10 + (int)(50 * random.Unit()), seed % 2 == 0 ? 12 : (int)(30 * random.Unit()), painters: painters))];
            var (best, floor) = (CallSheetTests.Best(tasks, painters), Floor(CallSheetTests.Evening(tasks, painters)));
            Assert.True(floor <= best + 1e-6, $"{seed}: {floor} {best}");
            if (seed % 2 == 0)
            {
                Assert.Equal(best, floor, 0.001);
            }
        }
    }

    // A painter five times as quick as the other paints nearly all: the floor lies below that sheet too.
    [Fact]
    public void AQuickPainterMayHaveNearlyAll()
    {
        CallTask[] tasks = [.. Enumerable.Range(0, 14).Select(k => CallSheetTests.Task(k, 20, 15))];
        var evening = CallSheetTests.Evening(tasks, 2) with { Hands = [new("quick", 1, 0, []), new("slow", 30, 0, [])], OpenMinute = 8 * 60 };
        var sheet = CallSheet.Of(evening, effort: 0.3);
        Assert.All(sheet.Entries, e => Assert.Equal("quick", e.Painter));
        // One after the other back from the bell, by hand: 15 after, 20 each, 5 between.
        var inPaint = Enumerable.Range(1, 14).Sum(k => 15 + 20 * k + 5 * (k - 1));
        Assert.Equal(inPaint, sheet.Entries.Sum(e => CallSheetTests.Bell - e.FromMinute));
        Assert.Equal(inPaint, Floor(evening), 0.001);
    }

    [Fact]
    public void LargeCompaniesComeNearToIt()
    {
        for (var seed = 0; seed < 6; seed++)
        {
            var random = new SeededRandom((ulong)(40 + seed));
            int Any(int from, int until) => from + (int)((until - from) * random.Unit());
            var painters = Any(3, 6);
            CallTask[] tasks = [.. Enumerable.Range(0, Any(18, 31)).Select(k => new CallTask(
                $"wearer {k}", Any(15, 55), Any(1, 6), 15, [.. Enumerable.Range(0, painters).Where(p => p == k % painters || random.Unit() < 0.8)], k % 4 == 0 ? k % painters : -1, 0))];
            var evening = new CallProblem(tasks, [.. Enumerable.Range(0, painters).Select(p => new CallHand($"painter {p}", 0.9 + 0.05 * p, 0, []))], 7 * 60, CallSheetTests.Bell, painters, 2, 3, 5, 150, 15, 0.8);
            var sheet = CallSheet.Of(evening, effort: 0.3);
            Assert.Equal(tasks.Length, sheet.Entries.Count);
            Assert.InRange(sheet.Gap, 0, 0.05);
        }
    }
}
