using System.Reflection;
using System.Text.Json;

namespace Datura.Domain;

/// <summary>All sentences, by code: the one place where codes become words. English stands in wording.en.txt, a line each.</summary>
public static class Catalogue
{
    private static readonly Dictionary<string, MessageTemplate> Templates = Read();

    public static IReadOnlyDictionary<string, MessageTemplate> All => Templates;

    /// <summary>Of an enum's member: its name in camel case under the enum's own heading.</summary>
    public static MessageTemplate Of<T>(T code)
        where T : struct, Enum => Templates[CodeOf(code)];

    /// <summary>Of what has an id of its own, under a heading, for example rule.linesLast.</summary>
    public static MessageTemplate Of(string heading, string id) => Templates[$"{heading}.{id}"];

    /// <summary>How a code is written in files and answers, for example caution.eyeArea.</summary>
    public static string CodeOf<T>(T code)
        where T : struct, Enum => $"{Camel(typeof(T).Name.Replace("Code", ""))}.{Camel(code.ToString())}";

    private static string Camel(string name) => JsonNamingPolicy.CamelCase.ConvertName(name);

    private static Dictionary<string, MessageTemplate> Read()
    {
        using var stream = Assembly.GetExecutingAssembly().GetManifestResourceStream("Datura.Domain.Wording.wording.en.txt")!;
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd().Split('\n', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries).Where(l => !l.StartsWith('#'))
            .Select(l => l.Split('=', 2, StringSplitOptions.TrimEntries)).ToDictionary(l => l[0], l => new MessageTemplate(l[1]));
    }
}
