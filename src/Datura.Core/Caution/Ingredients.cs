using System.Globalization;
using System.Text;

namespace Datura.Core.Caution;

/// <summary>
/// Looks for what somebody is allergic to in a list of ingredients, by text alone: the words themselves, and the other names they go by on
/// labels. It finds names, not chemistry: what it does not find may still be there, so the label is read all the same.
/// </summary>
public static class Ingredients
{
    // Common names and those of the international nomenclature of cosmetic ingredients (INCI), which labels use; colours also by Colour Index
    // number. Those usual in face paint and what it is taken off with; from memory, unverified.
    private static readonly string[][] Same =
    [
        ["beeswax", "cera alba", "cera flava"],
        ["wool fat", "wool wax", "wool alcohol", "lanolin", "lanolin alcohol", "adeps lanae"],
        ["perfume", "parfum", "fragrance", "aroma"],
        ["carmine", "cochineal", "ci 75470"],
        ["peanut", "groundnut", "arachis hypogaea", "arachis oil"],
        ["almond", "prunus amygdalus dulcis", "prunus dulcis", "amygdalus communis"],
        ["hazelnut", "corylus avellana"],
        ["walnut", "juglans regia"],
        ["macadamia", "macadamia ternifolia", "macadamia integrifolia"],
        ["coconut", "cocos nucifera"],
        ["sesame", "sesamum indicum"],
        ["soya", "soy", "soybean", "glycine soja", "glycine max"],
        ["wheat", "triticum vulgare", "triticum aestivum"],
        ["oat", "oats", "avena sativa"],
        ["maize", "corn", "zea mays"],
        ["milk", "lac", "casein", "lactis proteinum"],
        ["egg", "ovum", "albumen"],
        ["shea", "butyrospermum parkii"],
        ["castor oil", "ricinus communis"],
        ["jojoba", "simmondsia chinensis"],
        ["chamomile", "camomile", "chamomilla recutita", "anthemis nobilis", "matricaria"],
        ["marigold", "calendula officinalis"],
        ["aloe", "aloe barbadensis", "aloe vera"],
        ["tea tree", "melaleuca alternifolia"],
        ["lavender", "lavandula angustifolia"],
        ["latex", "natural rubber", "hevea brasiliensis"],
        ["rosin", "colophony", "colophonium"],
        ["gum arabic", "acacia senegal", "acacia gum"],
        ["talc", "talcum"],
        ["mica", "ci 77019"],
        ["titanium dioxide", "ci 77891"],
        ["zinc oxide", "ci 77947"],
        ["iron oxide", "iron oxides", "ci 77491", "ci 77492", "ci 77499"],
        ["carbon black", "ci 77266"],
        ["ultramarine", "ci 77007"],
        ["chromium oxide", "ci 77288", "ci 77289"],
        ["manganese violet", "ci 77742"],
        ["ferric ferrocyanide", "prussian blue", "ci 77510"],
        ["tartrazine", "ci 19140"],
        ["aluminum", "aluminum powder", "ci 77000"],
        ["silver", "ci 77820"],
        ["bronze", "copper", "ci 77400"],
        ["preservative mci", "methylchloroisothiazolinone"],
        ["preservative mi", "methylisothiazolinone", "isothiazolinone"],
        ["formaldehyde", "formalin", "dmdm hydantoin", "imidazolidinyl urea", "diazolidinyl urea", "quaternium 15"],
        ["parabens", "paraben", "methylparaben", "propylparaben", "ethylparaben", "butylparaben"],
        ["propylene glycol", "propane 1 2 diol"],
        ["alcohol", "alcohol denat", "ethanol"],
        ["acrylates", "acrylate", "acrylates copolymer"],
        ["vitamin e", "tocopherol", "tocopheryl acetate"],
        ["petroleum jelly", "petrolatum"],
        ["mineral oil", "paraffinum liquidum", "liquid paraffin"],
        ["glycerine", "glycerin", "glycerol"],
        ["balsam of peru", "peru balsam", "myroxylon pereirae"],
    ];

    // What one word stands for when somebody says it of themselves: any of the groups that these words begin.
    private static readonly Dictionary<string, string[]> Many = new()
    {
        ["nut"] = ["peanut", "almond", "hazelnut", "walnut", "macadamia"],
        ["tree nut"] = ["almond", "hazelnut", "walnut", "macadamia"],
        ["gluten"] = ["wheat", "oat"],
        ["wool"] = ["wool fat"],
        ["dairy"] = ["milk"],
        ["formaldehyde releaser"] = ["formaldehyde"],
    };

    // British and American spellings, and what is written apart or together.
    private static readonly (string British, string American)[] Spellings =
        [("sulph", "sulf"), ("colour", "color"), ("aluminium", "aluminum"), ("oestr", "estr"), ("caesium", "cesium"), ("moulding", "molding"), ("c i ", "ci ")];

    // The letters of European labels; the program runs without the system's tables of languages.
    private static readonly Dictionary<string, string> Accents = new[]
    {
        "a àáâãäåāăą", "c çćč", "d ď", "e èéêëēęěė", "g ğ", "i ìíîïīįı", "l ł", "n ñńň", "o òóôõöøōő", "r ř", "s śšş", "t ťţ", "u ùúûüūůűų", "y ýÿ", "z źżž", "ss ß", "ae æ", "oe œ",
    }.Select(l => l.Split(' ')).SelectMany(l => l[1].Select(accented => (Accented: accented.ToString(), Bare: l[0]))).ToDictionary(l => l.Accented, l => l.Bare);

    /// <summary>The ingredient of a list that an allergy is about, as the list says it; null when none is found.</summary>
    /// <param name="list">As copied from a label: parted by commas, semicolons, full stops or lines.</param>
    /// <param name="allergy">In the wearer's words.</param>
    public static string? Found(string? list, string? allergy)
    {
        var names = Names(allergy);
        if (names.Count == 0 || string.IsNullOrWhiteSpace(list))
        {
            return null;
        }

        // Numbers of colours may hold a full stop, so one alone does not part two ingredients.
        return list.Split([',', ';', '\n', '\r', '•', '·', '|'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            .FirstOrDefault(entry => $" {Plain(entry)} " is var said && names.Any(n => said.Contains($" {n} ", StringComparison.Ordinal)));
    }

    /// <summary>Whether an allergy is known by other names too; what is not is looked for by its own words alone.</summary>
    public static bool Knows(string? allergy) => Said(allergy) is { Length: > 0 } said && (Many.ContainsKey(Single(said)) || Same.Any(g => g.Any(n => Plain(n) == said || Plain(n) == Single(said))));

    private static HashSet<string> Names(string? allergy)
    {
        var said = Said(allergy);
        if (said.Length == 0)
        {
            return [];
        }

        var single = Single(said);
        var meant = Many.TryGetValue(single, out var several) ? several : [said, single];
        return [said, .. meant.SelectMany(m => Same.Where(g => g.Any(n => Plain(n) == m || Plain(n) == Single(m)))).SelectMany(g => g).Select(Plain), .. meant];
    }

    // Without what is said around it.
    private static string Said(string? allergy)
    {
        var said = Plain(allergy ?? "");
        foreach (var around in new[] { "allergic to ", "allergy to " })
        {
            said = said.StartsWith(around, StringComparison.Ordinal) ? said[around.Length..] : said;
        }

        return said.EndsWith(" allergy", StringComparison.Ordinal) ? said[..^8] : said;
    }

    private static string Single(string word) => word.Length > 3 && word.EndsWith('s') && !word.EndsWith("ss", StringComparison.Ordinal) ? word[..^1] : word;

    /// <summary>In small letters without accents, one space between words, in the American spelling.</summary>
    internal static string Plain(string text)
    {
        var plain = new StringBuilder();
        foreach (var rune in text.EnumerateRunes())
        {
            var letter = Rune.ToLowerInvariant(rune).ToString();
            if (Accents.TryGetValue(letter, out var bare))
            {
                plain.Append(bare);
            }
            else if (Rune.IsLetterOrDigit(rune))
            {
                plain.Append(letter);
            }
            else if (Rune.GetUnicodeCategory(rune) != UnicodeCategory.NonSpacingMark && plain.Length > 0 && plain[^1] != ' ')
            {
                plain.Append(' ');
            }
        }

        var said = plain.ToString().Trim();
        foreach (var (british, american) in Spellings)
        {
            said = said.Replace(british, american, StringComparison.Ordinal);
        }

        return said;
    }
}
