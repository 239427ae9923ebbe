using System.Text.Json;
using System.Text.Json.Nodes;
using Datura.Core.Chair;
using Datura.Documents;

namespace Datura.Core.Tests.Chair;

/// <summary>
/// Sessions drawn at random with how they stand, which the chair on the screen is held to as well (web/test/chair.test.ts): both reckon the same
/// story of the same events. DATURA_WRITE=1 writes the file anew.
/// </summary>
public class ChairCasesTests
{
    private static readonly string File = Path.Combine(Repository.Root, "tests", "practice", "chair.json");

    [Fact]
    public void TheCommittedCasesAreThese()
    {
        var cases = JsonSerializer.SerializeToNode(Enumerable.Range(0, 30).Select(Case), DaturaJson.Compact)!;
        if (Environment.GetEnvironmentVariable("DATURA_WRITE") == "1")
        {
            System.IO.File.WriteAllText(File, cases.ToJsonString(DaturaJson.Compact) + "\n");
        }

        Assert.True(JsonNode.DeepEquals(cases, JsonNode.Parse(System.IO.File.ReadAllText(File))), "run this test with DATURA_WRITE=1 and look at the difference");
    }

    private static readonly string RestFile = Path.Combine(Repository.Root, "tests", "practice", "chair-rest.json");

    // What to leave out is the same on the screen as here (web/test/chairRest.test.ts).
    [Fact]
    public void TheCommittedRestsAreThese()
    {
        var cases = JsonSerializer.SerializeToNode(Enumerable.Range(0, 40).Select(Rest), DaturaJson.Compact)!;
        if (Environment.GetEnvironmentVariable("DATURA_WRITE") == "1")
        {
            System.IO.File.WriteAllText(RestFile, cases.ToJsonString(DaturaJson.Compact) + "\n");
        }

        Assert.True(JsonNode.DeepEquals(cases, JsonNode.Parse(System.IO.File.ReadAllText(RestFile))), "run this test with DATURA_WRITE=1 and look at the difference");
    }

    private static object Rest(int seed)
    {
        var random = new Random(seed);
        var (drawn, ways) = ChairRestTests.Drawn(random, 2 + random.Next(14), seed % 4 == 0);
        ChairStepState[] steps = [.. drawn.Select((s, k) => k < seed % 3 ? s with { Status = StepStatus.Done } : s)];
        var dropped = seed % 5 == 0 && ways.Length > 0 ? ways[0].Leaves.ToHashSet() : [];
        steps = [.. steps.Select(s => s.Status != StepStatus.Open ? s : ChairStepState.Left(s.Step, dropped) is { } left ? s with { LeftSeconds = left } : s with { Status = StepStatus.Dropped, LeftSeconds = 0 })];
        var into = seed % 2 == 0 ? new Dictionary<int, double> { [1] = random.Next(30) } : [];
        var secondsLeft = Math.Round(steps.Where(s => s.Status == StepStatus.Open).Sum(s => s.Step.Seconds + s.Step.WaitSeconds) * (0.3 + 0.9 * random.NextDouble()), 3);
        var found = ChairRest.Of(steps, ways, dropped, secondsLeft, 0.8416, into);
        return new
        {
            planned = steps.Select(s => s.Step),
            statuses = steps.Select(s => s.Status),
            ways,
            dropped,
            into,
            secondsLeft,
            found = new { found.Fits, found.Chosen, loss = Math.Round(found.Loss, 6), likely = Math.Round(found.LikelySeconds, 4), sure = Math.Round(found.SureSeconds, 4), goingOn = Math.Round(found.GoingOnSeconds, 4) },
        };
    }

    private static object Case(int seed)
    {
        var random = new Random(seed);
        ChairStep[] planned = [.. Enumerable.Range(0, random.Next(1, 8)).Select(k => new ChairStep($"s{k}", $"Step {k}", seed % 3 == 0 ? 1 + random.Next(2) : 1, "round5 stroke", random.Next(5, 90), random.Next(3) * 10, 30)
        {
            Parts = [.. Enumerable.Range(0, 1 + random.Next(2)).Select(_ => $"p{random.Next(4)}").Distinct()],
        })];
        if (seed % 2 == 0)
        {
            planned = [.. planned.Select((s, k) => s with { SetUpSeconds = 3, Coats = [.. s.Parts.Select((p, c) => new ChairCoat($"{p}/c{k}", Math.Round((s.Seconds - 3) / s.Parts.Count, 1)))] })];
        }

        ChairEvent[] events = [.. Enumerable.Range(0, 1 + seed % 3).SelectMany(d => Drawn(random, $"d{d}", planned))];
        events = [.. events.OrderBy(_ => random.Next())];
        var now = events.Max(e => e.At).AddSeconds(7);
        var state = ChairState.Of(planned, events);
        return new
        {
            planned,
            events,
            now,
            began = state.BeganAt,
            ended = state.EndedAt,
            state.StoppedAt,
            paused = state.IsPaused,
            state.Notes,
            state.Ignored,
            steps = state.Steps.Select(s => new { s.Step.Key, s.Status, taken = Math.Round(s.TakenSeconds, 6), s.Redone, left = Math.Round(s.LeftSeconds, 6) }),
            current = state.Current(1)?.Step.Key,
            worked = Math.Round(state.WorkedSeconds(now), 6),
            remaining = Math.Round(state.RemainingSeconds(now), 6),
            behind = Math.Round(state.BehindSeconds(now), 6),
        };
    }

    private static IEnumerable<ChairEvent> Drawn(Random random, string device, ChairStep[] planned)
    {
        var at = new DateTimeOffset(2026, 10, 31, 17, 0, 0, TimeSpan.Zero).AddMilliseconds(random.Next(5000));
        for (var n = 1; n <= random.Next(4, 30); n++)
        {
            at = at.AddMilliseconds(random.Next(12) == 0 ? -random.Next(90_000) : random.Next(1, 40_000));
            var kinds = Enum.GetValues<ChairEventKind>();
            // Mostly steps that are done, as in life.
            var kind = n == 1 ? ChairEventKind.Begun : random.Next(2) == 0 ? ChairEventKind.StepDone : kinds[random.Next(kinds.Length)];
            yield return new($"{device}-{n}", device, n, at, kind, planned[random.Next(planned.Length)].Key, planned[random.Next(planned.Length)].Key, $"words {n}")
            {
                Parts = [.. Enumerable.Range(0, 4).Where(_ => random.Next(3) == 0).Select(p => random.Next(3) == 0 ? $"p{p}/c{random.Next(4)}" : $"p{p}")],
            };
        }
    }
}
