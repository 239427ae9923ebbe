using System.ComponentModel.DataAnnotations;
using System.Reflection;

namespace Datura.Domain.Tests;

/// <summary>What a value may be is said once and means the same everywhere.</summary>
public class LimitsTests
{
    private static readonly (Type Record, PropertyInfo Property, RangeAttribute Range)[] All =
    [
        .. typeof(Limits).Assembly.GetTypes().SelectMany(t => t.GetProperties().Select(p => (t, p, p.GetCustomAttribute<RangeAttribute>())))
            .Where(p => p.Item3 is not null).Select(p => (p.t, p.p, p.Item3!)),
    ];

    [Fact]
    public void EveryRangeHasALeastAndAMoreThanThatMost()
    {
        Assert.True(All.Length > 30);
        Assert.All(All, l => Assert.True(Convert.ToDouble(l.Range.Minimum, null) < Convert.ToDouble(l.Range.Maximum, null), $"{l.Record.Name}.{l.Property.Name}"));
    }

    [Theory]
    [InlineData(1, true)]
    [InlineData(720, true)]
    [InlineData(0.99, false)]
    [InlineData(720.1, false)]
    [InlineData(double.NaN, false)]
    [InlineData(double.PositiveInfinity, false)]
    public void TheEndsOfARangeBelongToItAndNonsenseNever(double slot, bool holds) => Assert.Equal(holds, Limits.Hold<Setting>(nameof(Setting.SlotMinutes), slot));

    [Theory]
    [InlineData(0, false)]
    [InlineData(1e-9, true)]
    [InlineData(100, true)]
    public void AnOpenEndDoesNot(double parts, bool holds) => Assert.Equal(holds, Limits.Hold<PaintShare>(nameof(PaintShare.Parts), parts));

    [Fact]
    public void WhatWasNotGivenIsNotOutside() => Assert.True(Limits.Hold<PaintDescription>(nameof(PaintDescription.Price), null));

    [Fact]
    public void ARecordWithoutARangeSaysSo() => Assert.Contains("Look.Notes", Assert.Throws<ArgumentException>(() => Limits.Of<Look>(nameof(Look.Notes))).Message, StringComparison.Ordinal);

    [Theory]
    [InlineData("Kelp bride", true)]
    [InlineData("", false)]
    [InlineData("   ", false)]
    [InlineData(null, false)]
    public void ANameIsMoreThanSpace(string? name, bool holds) => Assert.Equal(holds, Limits.IsName(name));

    [Fact]
    public void ANameMayBeAsLongAsTheLimitAndNoLonger()
    {
        Assert.True(Limits.IsName(new('a', Limits.LongestName)));
        Assert.False(Limits.IsName(new('a', Limits.LongestName + 1)));
    }

    // What stands where nobody said anything is itself allowed.
    [Fact]
    public void EveryUsualValueLiesInItsRange()
    {
        var seen = 0;
        foreach (var constructor in All.Select(l => l.Record).Distinct().SelectMany(t => t.GetConstructors()))
        {
            foreach (var parameter in constructor.GetParameters().Where(p => p.HasDefaultValue && p.DefaultValue is double or int))
            {
                if (All.FirstOrDefault(l => l.Record == constructor.DeclaringType && l.Property.Name == parameter.Name) is { Range: { } range })
                {
                    seen++;
                    Assert.True(range.IsValid(parameter.DefaultValue), $"{constructor.DeclaringType!.Name}.{parameter.Name}");
                }
            }
        }

        Assert.True(seen > 10, $"{seen} usual values");
    }
}
