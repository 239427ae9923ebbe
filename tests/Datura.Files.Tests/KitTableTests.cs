using System.Globalization;
using CsvHelper;
using Datura.Files.Kits;

namespace Datura.Files.Tests;

/// <summary>The table of a kit between Datura and a spreadsheet.</summary>
public class KitTableTests
{
    private static readonly string[] Names = ["=1+1", "+49", "-rust", "@kelp", "'Tis rust", "''x", "'=x", "a,b", "a\"b", "Rust", "ßØ漢", "=HYPERLINK(\"x\")"];

    private static PaintDescription Named(Random random, int n) => DemoWorld.Kit.Paints[random.Next(DemoWorld.Kit.Paints.Count)] with
    {
        Id = $"{Names[random.Next(Names.Length)]}{n}",
        Name = Names[random.Next(Names.Length)],
        Stripe = random.Next(3) == 0 ? new(Names[random.Next(Names.Length)], random.Next(1, 6)) : null,
        LeftMl = random.Next(2) == 0 ? null : random.Next(0, 90),
        PotMl = random.Next(2) == 0 ? null : random.Next(1, 60),
        MadeForSkin = random.Next(3) switch { 0 => null, 1 => true, _ => false },
        Ingredients = random.Next(2) == 0 ? "" : $"{Names[random.Next(Names.Length)]}, Talc\nCI 77891",
        FlakeMm = random.Next(2) == 0 ? null : random.Next(1, 20) / 100.0,
        Pot = random.Next(2) == 0 ? null : new(new DateOnly(2026, 1, 1).AddDays(random.Next(300)), random.Next(2) == 0 ? null : random.Next(1, 48), 60, random.Next(2) == 0 ? null : random.Next(20, 60))
        {
            Lot = Names[random.Next(Names.Length)],
            BoughtAt = random.Next(2) == 0 ? "" : Names[random.Next(Names.Length)],
        },
    };

    // Round trip whatever a paint is called; and nothing that a spreadsheet would compute stands in it (OWASP, CSV injection).
    [Fact]
    public void WhatAPaintIsCalledComesBackAndIsNoFormula()
    {
        for (var seed = 0; seed < 60; seed++)
        {
            var random = new Random(seed);
            PaintDescription[] paints = [.. Enumerable.Range(0, 1 + random.Next(5)).Select(n => Named(random, n))];
            var table = KitCsv.Write(paints);
            Assert.Equal(paints, KitCsv.Read(table));
            using var csv = new CsvParser(new StringReader(table), CultureInfo.InvariantCulture);
            while (csv.Read())
            {
                Assert.All(csv.Record!, cell => Assert.False(
                    cell.Length > 0 && "=+-@\t\r".Contains(cell[0]) && !double.TryParse(cell, NumberStyles.Float, CultureInfo.InvariantCulture, out _), cell));
            }
        }
    }

    [Theory]
    [InlineData("coat film µm", "1000000000")]
    [InlineData("coat film µm", "-1")]
    [InlineData("coat film µm", "NaN")]
    [InlineData("drying s", "-5")]
    [InlineData("drying s", "1e12")]
    [InlineData("black L", "-900")]
    [InlineData("left ml", "-1")]
    [InlineData("price", "-0.5")]
    [InlineData("flake mm", "-0.5")]
    [InlineData("opened on", "yesterday")]
    [InlineData("keeps months", "0")]
    [InlineData("full g", "-1")]
    [InlineData("made for skin", "perhaps")]
    public void AValueThatNoPaintHasIsRefusedWithItsLine(string column, string value)
    {
        var rows = KitCsv.Write([.. DemoWorld.Kit.Paints.Take(2).Select(p => p with { Ingredients = "" })]).Split("\r\n").Select(l => l.Split(',')).ToArray();
        rows[2][Array.IndexOf(rows[0], column)] = value;
        var refused = Assert.Throws<InputException>(() => KitCsv.Read(string.Join("\r\n", rows.Select(r => string.Join(',', r)))));
        Assert.StartsWith("Line 3: ", refused.Message, StringComparison.Ordinal);
        Assert.EndsWith(".", refused.Message, StringComparison.Ordinal);
    }

    // Cut, doubled or scrambled anywhere, it is read or refused in a sentence.
    [Fact]
    public void ATornTableIsReadOrRefused()
    {
        var whole = KitCsv.Write([.. DemoWorld.Kit.Paints.Take(4)]);
        for (var seed = 0; seed < 400; seed++)
        {
            var random = new Random(seed);
            var at = random.Next(whole.Length);
            var text = random.Next(4) switch
            {
                0 => whole[..at],
                1 => whole[at..],
                2 => whole[..at] + "\",\n\0;'"[random.Next(6)] + whole[at..],
                _ => whole[..at] + whole[random.Next(whole.Length)..],
            };
            try
            {
                KitCsv.Read(text);
            }
            catch (InputException refused)
            {
                Assert.EndsWith(".", refused.Message, StringComparison.Ordinal);
            }
        }
    }
}
