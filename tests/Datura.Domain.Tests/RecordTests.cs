namespace Datura.Domain.Tests;

public class RecordTests
{
    [Fact]
    public void ALandmarkOnTheOtherSideOfTheOtherSideIsItself()
    {
        Assert.Equal(Landmark.Cheilion.Right, Landmark.Cheilion.Left.Mirrored);
        Assert.Equal(Landmark.Cheilion.Left, Landmark.Cheilion.Left.Mirrored.Mirrored);
        Assert.Equal(Landmark.Gnathion, Landmark.Gnathion.Mirrored);
    }

    // The same problem at another place keeps its code and words; what is said more of it does not overwrite what was said.
    [Fact]
    public void AProblemIsMovedWithoutLoss()
    {
        var problem = new InputException("paint", ProblemCode.NoSuchPaint, ("kit", "Trunk"), ("paint", "rust"));
        var moved = problem.At("paints[2]", ("paint", "soot"), ("more", 1));
        Assert.Equal("paints[2]", moved.Problem.Field);
        Assert.Equal(problem.Message, moved.Message);
        Assert.Equal("rust", moved.Problem.Values["paint"]);
    }

    // A piece of a sentence in brackets is only said when its values are there.
    [Fact]
    public void ASwappedCardIsNamedWhereThePaintIsKnown()
    {
        var bare = new InputException("card", ProblemCode.CardSwapped);
        Assert.StartsWith("The card", bare.Message, StringComparison.Ordinal);
        Assert.StartsWith("Rust: The card", bare.At("paints[0]", ("paint", "Rust")).Message, StringComparison.Ordinal);
    }

    [Fact]
    public void AProblemWithinAProblemIsItsSentence() =>
        Assert.Equal("Line 4: There is no light. Give at least one lamp a level above 0 and up to 10.",
            Problem.Of("file", ProblemCode.TablePaint, ("line", 4), ("why", Problem.Of("lamps", ProblemCode.NoLight))).Sentence);

    [Theory]
    [InlineData(60, 1)]
    [InlineData(30, 0.5)]
    [InlineData(0, 0)]
    [InlineData(-50, 0)]
    public void AFadeIsWholeAboveAndGoneBelow(double y, double share) => Assert.Equal(share, new Fade(60, 0).At(y), 1e-9);

    [Fact]
    public void AMarkLiesInItsBox()
    {
        ChartPoint[] path = [new(-4, 2), new(9, 7), new(3, -5)];
        var stroke = new StrokeMark("line", Side.Left, path, [1, 1, 1]);
        Assert.All(path, p => Assert.True(stroke.Box().Contains(p.XMm, p.YMm)));
        Assert.Equal(new ChartPoint(2.5, 1), Mark.Middle([stroke]));
        Assert.Null(Mark.Middle([]));
    }

    [Fact]
    public void ALampStandsWhereItsAnglesSay()
    {
        Assert.Equal(1, new LampPlace(0, 0).Towards.Z, 1e-9);
        Assert.Equal(1, new LampPlace(90, 0).Towards.X, 1e-9);
        Assert.Equal(1, new LampPlace(123, 90).Towards.Y, 1e-9);
        Assert.All(new[] { 0, 37, -120, 359 }, a => Assert.Equal(1, new LampPlace(a, 25).Towards.Length, 1e-9));
    }

    // A look keeps empty notes rather than none, whatever a file left out.
    [Fact]
    public void WhatAFileLeftOutIsEmptyNotNothing()
    {
        var part = new Part("a", "socket", Sides.Both, 0, 1, Priority.Must, false, null!, null!, null!, null!, null!);
        Assert.Empty(part.Numbers);
        Assert.Empty(part.Words);
        Assert.Empty(part.Zones);
        Assert.Empty(part.Paints);
        Assert.Empty(part.Coats);
        Assert.Equal(CoatLay.Usual, part.LayOf("dark"));
        Assert.Equal("", new Look("x", null!, Mapping.Pencil, []).Notes);
    }
}
