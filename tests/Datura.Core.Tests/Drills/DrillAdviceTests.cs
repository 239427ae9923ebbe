using Datura.Core.Drills;
using Datura.Core.Learn;
using Datura.Core.Order;

namespace Datura.Core.Tests.Drills;

/// <summary>What is worth practising: laws that hold for any look and any painter.</summary>
public class DrillAdviceTests
{
    private static readonly DateOnly Today = new(2026, 11, 28);
    private static readonly IReadOnlyDictionary<string, double> NoSlips = new Dictionary<string, double>();

    private static DrillTry Tried(string exercise, int daysAgo, double offMm = 0.5) => new(Today.AddDays(-daysAgo), exercise, DrillGround.Card, offMm, offMm, 0, 8);

    private static IReadOnlyList<DrillAdvice> Advice(string look = "storm-cormorant", LearnedPace? pace = null, IReadOnlyDictionary<string, double>? slips = null, params DrillTry[] tries) =>
        DrillAdvice.Of(look, DemoWorld.Plan(look).Jobs, pace ?? LearnedPace.Nothing, slips ?? NoSlips, tries, Today);

    [Theory]
    [InlineData("storm-cormorant")]
    [InlineData("barnacle-saint")]
    [InlineData("low-tide-bones")]
    [InlineData("quay-seal")]
    public void EveryStrokeIsOfferedAndSharesAddUp(string look)
    {
        var advice = Advice(look);
        Assert.All(Enum.GetValues<DrillKind>(), k => Assert.Single(advice, a => a.Exercise == DrillKinds.Code(k)));
        Assert.InRange(advice.Where(a => DrillKinds.Find(a.Exercise) is not null).Sum(a => a.Share), 0.2, 1 + 1e-9);
        Assert.Equal(1, advice.Where(a => a.Exercise.Contains('/', StringComparison.Ordinal)).Sum(a => a.Share), 6);
        Assert.Equal(advice.Select(a => a.Worth).OrderDescending(), advice.Select(a => a.Worth));
        Assert.All(advice, a => Assert.InRange(a.Worth, 0, a.Share + 1e-12));
    }

    [Fact]
    public void WhatWasPractisedWellIsWorthLessAndComesBackAsItFades()
    {
        var first = Advice()[0].Exercise;
        double Worth(params DrillTry[] tries) => Advice(tries: tries).Single(a => a.Exercise == first).Worth;
        Assert.True(Worth(Tried(first, 0)) < Worth());
        Assert.True(Worth(Tried(first, 0)) < Worth(Tried(first, 5)));
        Assert.True(Worth(Tried(first, 0)) < Worth(Tried(first, 0, 4)));
        Assert.True(Worth(Tried(first, 30)) < Worth(Tried(first, 300)));
    }

    [Fact]
    public void SlownessAndSlipsMakeItWorthMore()
    {
        // What only maps is no painting.
        CoatJob[] jobs = [.. DemoWorld.Plan("storm-cormorant").Jobs.Where(j => j.Role.Stage != Stage.Map)];
        var job = jobs.First(j => DrillKinds.Of(j) is not null);
        var slow = LearnedPace.Of(Enumerable.Range(0, 20).Select(_ => new TimedWork(job.HandKey, 60, 150)));
        double Worth(IReadOnlyList<DrillAdvice> of) => of.Single(a => a.Exercise == DrillKinds.Code(DrillKinds.Of(job)!.Value)).Worth;
        Assert.True(Worth(Advice(pace: slow)) > Worth(Advice()));
        var part = jobs.First(j => DrillKinds.Of(j) is not null).PartId;
        double Part(IReadOnlyList<DrillAdvice> of) => of.Single(a => a.Exercise == $"storm-cormorant/{part}").Worth;
        Assert.True(Part(Advice(slips: new Dictionary<string, double> { [part] = 0.8 })) > Part(Advice()));
    }

    [Fact]
    public void SeveralTriesOfAnEveningAreOne()
    {
        var many = DrillState.Of([Tried("petals", 3), Tried("petals", 3), Tried("petals", 3)], Today)!;
        Assert.Equal(DrillState.Of([Tried("petals", 3)], Today), many);
        Assert.Null(DrillState.Of([], Today));
        Assert.True(many.Due > Today.AddDays(-3));
    }

    // Random books: nothing falls, and all numbers are numbers.
    [Fact]
    public void AnyBookIsReckonedWith()
    {
        var random = new Random(8);
        string[] exercises = [.. Enum.GetValues<DrillKind>().Select(DrillKinds.Code), "storm-cormorant/nothing", "elsewhere/part"];
        for (var n = 0; n < 60; n++)
        {
            var book = new DrillBook("Anybody", [.. Enumerable.Range(0, random.Next(40)).Select(_ => new DrillTry(
                Today.AddDays(-random.Next(400)), exercises[random.Next(exercises.Length)], (DrillGround)random.Next(3), 20 * random.NextDouble(), 1000 * Math.Pow(random.NextDouble(), 9), 300 * random.NextDouble() - 100,
                10000 * Math.Pow(random.NextDouble(), 9), random.Next(2) == 0 ? null : random.NextDouble(), 100 * random.NextDouble(), random.Next(2) == 0 ? null : 50 * random.NextDouble(), random.Next(4)))]);
            DrillBookCheck.Check(book);
            Assert.All(DrillAdvice.Of("storm-cormorant", DemoWorld.Plan("storm-cormorant").Jobs, LearnedPace.Nothing, NoSlips, book.Tries, Today), a => Assert.True(double.IsFinite(a.Worth) && a.Worth is >= 0 and <= 1));
        }
    }

    [Fact]
    public void NonsenseInABookIsRefusedWithASentence()
    {
        var book = new DrillBook("Wenna", [Tried("petals", 1)]);
        DrillBookCheck.Check(book);
        Assert.Contains("whose", Assert.Throws<InputException>(() => DrillBookCheck.Check(null)).Message, StringComparison.OrdinalIgnoreCase);
        Assert.Throws<InputException>(() => DrillBookCheck.Check(book with { Name = " " }));
        Assert.Throws<InputException>(() => DrillBookCheck.Check(book with { Tries = [Tried("petals", 1, double.NaN)] }));
        Assert.Throws<InputException>(() => DrillBookCheck.Check(book with { Tries = [null!] }));
        Assert.Throws<InputException>(() => DrillBookCheck.Check(book with { Tries = [.. Enumerable.Repeat(Tried("petals", 1), DrillBook.MostTries + 1)] }));
        Assert.Throws<InputException>(() => DrillBookCheck.Check(book with { Hand = new(WristMm: 5000) }));
    }
}
