namespace Datura.Store.Tests;

/// <summary>Pictures of looks that are kept: found by what they were made of, replaced, and gone with what they show.</summary>
public class ShownLookTests(Database database) : IClassFixture<Database>
{
    private static readonly string Old = new('A', 64);
    private static readonly string New = new('B', 64);

    private readonly ShownLookStore shown = new(database.Source, "own");
    private readonly DocumentStore documents = new(database.Source, "own");

    private static string Fresh() => $"s{Guid.NewGuid():N}";

    [Fact]
    public async Task APictureIsFoundByWhatItWasMadeOfAlone()
    {
        var look = Fresh();
        await shown.KeepAsync(look, "face", "kit", "setting", Old, "{\"minutes\": 3}", [1, 2, 3]);
        Assert.Equal([1, 2, 3], await shown.PictureAsync(look, "face", "kit", "setting", Old));
        Assert.Null(await shown.PictureAsync(look, "face", "kit", "setting", New));
        Assert.Null(await shown.PictureAsync(look, "other", "kit", "setting", Old));
        await shown.KeepAsync(look, "face", "kit", "setting", New, "{}", [4]);
        Assert.Null(await shown.PictureAsync(look, "face", "kit", "setting", Old));
        Assert.Single(await shown.AllAsync("face", "kit", "setting"), s => s.Look == look && s.Key == New);
    }

    // Nothing of a person is left behind, and nothing else goes with it.
    [Fact]
    public async Task WhatShowsAFaceGoesWithTheFace()
    {
        var (face, other, look) = (Fresh(), Fresh(), Fresh());
        await documents.AddAsync("face", face, "Someone", "{}");
        foreach (var one in new[] { face, other })
        {
            await shown.KeepAsync(look, one, "kit", "setting", Old, "{}", [1]);
        }

        await documents.EraseAsync("face", face);
        Assert.Empty(await shown.AllAsync(face, "kit", "setting"));
        Assert.Single(await shown.AllAsync(other, "kit", "setting"));
    }

    [Fact]
    public async Task WhatWasDrawnLongAgoIsForgotten()
    {
        var face = Fresh();
        await shown.KeepAsync("look", face, "kit", "setting", Old, "{}", [1]);
        await shown.ForgetOldAsync(TimeSpan.FromHours(1));
        Assert.Single(await shown.AllAsync(face, "kit", "setting"));
        await shown.ForgetOldAsync(TimeSpan.Zero);
        Assert.Empty(await shown.AllAsync(face, "kit", "setting"));
    }
}
