using Microsoft.AspNetCore.Http;

namespace Datura.Web.Tests;

/// <summary>Whatever breaks is told once, however many threads it broke on.</summary>
public class ProblemHandlerTests
{
    private static readonly InputException Own = new("minutes", ProblemCode.NoBrief);

    public static TheoryData<Exception, int> Broken => new()
    {
        { new AggregateException(Own), 400 },
        { new AggregateException(Own, new InputException("kit", ProblemCode.NoBrief)), 400 },
        { new AggregateException(new AggregateException(Own, Own), new AggregateException(Own)), 400 },
        { new AggregateException(new InsufficientMemoryException(), new InsufficientMemoryException()), 503 },
        { new AggregateException(new ArithmeticException(), new InsufficientMemoryException()), 503 },
        { new AggregateException(new ArithmeticException(), new ArithmeticException()), 500 },
        { new AggregateException(), 500 },
    };

    // One with two faults in it has no base but itself: asked for that, the service went round until its stack was full and died.
    [Theory]
    [MemberData(nameof(Broken))]
    public void WhatSeveralThreadsBrokeIsTold(Exception broken, int status) => Assert.Equal(status, ProblemHandler.Describe(broken, new DefaultHttpContext()).Status);
}
