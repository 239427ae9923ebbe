using Datura.Core.Caution;

namespace Datura.Core.Tests.Care;

/// <summary>What somebody is allergic to is found on a label by its names, in either spelling; what only sounds alike is not.</summary>
public class IngredientsTests
{
    private const string Cream = "Ricinus Communis Seed Oil, Cera Alba, Lanolin, Talc, Tocopherol, CI 77891, CI 77491";

    // Common names beside those of the international nomenclature (INCI; Colour Index numbers of Annex IV to Regulation (EC) No 1223/2009); from memory.
    [Theory]
    [InlineData("beeswax", "Cera Alba")]
    [InlineData("wool wax", "Lanolin")]
    [InlineData("castor oil", "Ricinus Communis Seed Oil")]
    [InlineData("Vitamin E", "Tocopherol")]
    [InlineData("titanium dioxide", "CI 77891")]
    [InlineData("Iron oxides", "CI 77491")]
    [InlineData("allergic to talcum", "Talc")]
    [InlineData("lanolin allergy", "Lanolin")]
    [InlineData("LÁNOLIN", "Lanolin")]
    public void ACommonNameFindsWhatTheLabelSays(string allergy, string ingredient) => Assert.Equal(ingredient, Ingredients.Found(Cream, allergy));

    [Theory]
    [InlineData("sulphur", "Sulfur")]
    [InlineData("aluminium", "Aluminum Powder")]
    [InlineData("Food colouring", "Food Coloring")]
    [InlineData("nuts", "Prunus Amygdalus Dulcis (Sweet Almond) Oil")]
    [InlineData("gluten", "Triticum Vulgare Starch")]
    [InlineData("perfume", "Parfum")]
    [InlineData("CI77499", "CI77499")]
    [InlineData("C.I. 77499", "CI 77499")]
    public void EitherSpellingFindsTheOther(string allergy, string ingredient)
    {
        Assert.Equal(ingredient, Ingredients.Found($"Aqua; {ingredient}; Glycerin", allergy));
        Assert.Equal(ingredient, Ingredients.Found($"AQUA,\n{ingredient}", allergy.ToUpperInvariant()));
    }

    [Theory]
    [InlineData("nuts", "Myristica Fragrans (Nutmeg) Oil")]
    [InlineData("oat", "Goat Milk")]
    [InlineData("soy", "Soya-free Wax Blend")]
    [InlineData("egg", "Eggplant Extract")]
    [InlineData("mi", "Mica")]
    [InlineData("latex", "Polyester")]
    public void WhatOnlySoundsAlikeIsNotFound(string allergy, string ingredient)
    {
        if (allergy != "soy")
        {
            Assert.Null(Ingredients.Found(ingredient, allergy));
            return;
        }

        // A word on its own is taken at its word, even before “free”: the painter reads the label.
        Assert.Equal(ingredient, Ingredients.Found(ingredient, allergy));
    }

    [Theory]
    [InlineData("nuts", true)]
    [InlineData("Perfume", true)]
    [InlineData("CI 77891", true)]
    [InlineData("moon dust", false)]
    [InlineData("", false)]
    public void WhatIsKnownByOneNameAloneIsTold(string allergy, bool known) => Assert.Equal(known, Ingredients.Knows(allergy));

    // Whatever is written, by whomever: no fault, and what stands on the label in the same words is always found.
    [Fact]
    public void AnythingMayBeWritten()
    {
        var random = new Random(7);
        const string letters = "abc XYZ-éß.,;/()0179 \n\ud83d\ude00\u0000\ud800’“";
        string Word(int most) => new([.. Enumerable.Range(0, random.Next(0, most)).Select(_ => letters[random.Next(letters.Length)])]);
        for (var n = 0; n < 4000; n++)
        {
            var (list, allergy) = (Word(60), Word(14));
            var found = Ingredients.Found(list, allergy);
            Assert.True(found is null || list.Contains(found, StringComparison.Ordinal));
            Assert.Equal(found, Ingredients.Found(list, allergy.ToUpperInvariant().ToLowerInvariant()));
            var plain = Ingredients.Plain(allergy);
            if (plain.Length > 0 && !allergy.Contains('\ud800'))
            {
                Assert.NotNull(Ingredients.Found($"Aqua, {plain}, Talc", allergy));
            }
        }

        Assert.Null(Ingredients.Found(null, "talc"));
        Assert.Null(Ingredients.Found(Cream, "  "));
        Assert.Null(Ingredients.Found("", "talc"));
    }
}
