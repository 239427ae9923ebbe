using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Datura.Documents;

namespace Datura.Web.Tests;

/// <summary>
/// Requests with something broken in them: whatever it is, the answer is no fault of the server and says in a sentence what is wrong.
/// Seeded; DATURA_DRAWS draws more.
/// </summary>
public class FuzzTests(Service service) : IClassFixture<Service>
{
    private static readonly int Draws = int.TryParse(Environment.GetEnvironmentVariable("DATURA_DRAWS"), out var draws) ? draws : 300;

    private static readonly string[] Routes =
    [
        "/api/plan", "/api/plan/paint?pixels=64", "/api/plan/dots", "/api/plan/handles?part=socket-1", "/api/plan/order/move?step=1&to=2", "/api/plan/form",
        "/api/plan/versions", "/api/plan/fewest", "/api/plan/core?x=0&y=0", "/api/plan/lost", "/api/plan/templates", "/api/plan/sheet",
    ];

    // What a broken program, a torn file or a curious hand puts where something else belongs.
    private static readonly Func<Random, string>[] Nonsense =
    [
        _ => "null", _ => "{}", _ => "[]", _ => "[null]", _ => "\"\"", _ => "\"x\"", _ => "true", _ => "0", _ => "-1", _ => "1e99", _ => "-1e308", _ => "0.5",
        _ => "2147483648", _ => "\"\\u0000\"", _ => "\"\\ud800\"", _ => "\"NaN\"", _ => "\"\\u202eabc\"", r => $"\"{new string('m', r.Next(1, 9000))}\"",
        r => $"[{string.Join(',', Enumerable.Repeat("{}", r.Next(1, 300)))}]", _ => "[[[[[[[[]]]]]]]]", _ => "{\"a\":{\"b\":{\"c\":null}}}",
    ];

    [Fact]
    public async Task APlanThatIsAskedForWithNonsenseIsPlannedOrRefusedInASentence()
    {
        var faults = new List<string>();
        var look = JsonNode.Parse(await service.Client.GetStringAsync("/api/looks/wreck-diver"))!["look"]!;
        var usual = JsonNode.Parse(System.Text.Json.JsonSerializer.Serialize(await service.DemoRequest(), DaturaJson.Compact))!;
        usual["look"] = look.DeepClone();
        for (var seed = 0; seed < Draws; seed++)
        {
            var random = new Random(seed);
            var body = Broken(usual, random);
            await Try(HttpMethod.Post, Routes[random.Next(Routes.Length)], body, seed, faults);
        }

        Assert.True(faults.Count == 0, $"{faults.Count} faults\n{string.Join('\n', faults.Take(14))}");
    }

    [Theory]
    [InlineData("looks", "wreck-diver")]
    [InlineData("faces", "odalys")]
    [InlineData("kits", "saltmarsh-box")]
    [InlineData("settings", "night-parade")]
    public async Task ADocumentOfNonsenseIsKeptOrRefusedInASentence(string plural, string id)
    {
        var faults = new List<string>();
        var ids = JsonNode.Parse(await service.Client.GetStringAsync($"/api/{plural}/find"))!.AsArray().Select(h => (string)h!["id"]!).ToArray();
        var usual = JsonNode.Parse(await service.Client.GetStringAsync($"/api/{plural}/{(ids.Contains(id) ? id : ids[0])}/file"))!.AsObject();
        var file = usual.DeepClone();
        usual.Remove("format");
        usual.Remove("version");
        for (var seed = 0; seed < Draws / 2; seed++)
        {
            await Try(HttpMethod.Post, $"/api/{plural}", Broken(usual, new Random(seed)), seed, faults);
            await Try(HttpMethod.Post, $"/api/{plural}/import", Broken(file, new Random(seed)), seed, faults);
        }

        Assert.True(faults.Count == 0, $"{faults.Count} faults\n{string.Join('\n', faults.Take(14))}");
    }

    private async Task Try(HttpMethod method, string address, string body, int seed, List<string> faults)
    {
        using var answer = await service.Client.SendAsync(new(method, address) { Content = new StringContent(body, Encoding.UTF8, "application/json") });
        if ((int)answer.StatusCode < 400)
        {
            return;
        }

        var text = await answer.Content.ReadAsStringAsync();
        var said = answer.Content.Headers.ContentType?.MediaType == "application/problem+json" ? (string?)JsonNode.Parse(text)?["detail"] : null;
        if (answer.StatusCode >= HttpStatusCode.InternalServerError || said is not { Length: > 15 } || !said.EndsWith('.') || said.Contains("Parameter '", StringComparison.Ordinal))
        {
            faults.Add($"{seed} {address}: {(int)answer.StatusCode} {said ?? text[..Math.Min(120, text.Length)]}");
        }
    }

    /// <summary>The usual body with one to three of its values put out of order.</summary>
    private static string Broken(JsonNode usual, Random random)
    {
        var body = usual.DeepClone();
        var marks = new Dictionary<string, string>();
        for (var n = random.Next(1, 4); n > 0; n--)
        {
            var places = Places(body).ToArray();
            var (parent, key) = places[random.Next(places.Length)];
            var mark = $"nonsense-{n}-{random.Next()}";
            marks[$"\"{mark}\""] = Nonsense[random.Next(Nonsense.Length)](random);
            if (parent is JsonObject fields)
            {
                fields[random.Next(12) == 0 ? "notThere" : (string)key] = mark;
            }
            else
            {
                parent.AsArray()[(int)key] = mark;
            }
        }

        // Put in as text, so that what is no JSON value of the library's can be sent as well.
        return marks.Aggregate(body.ToJsonString(), (text, mark) => text.Replace(mark.Key, mark.Value, StringComparison.Ordinal));
    }

    private static IEnumerable<(JsonNode Parent, object Key)> Places(JsonNode node) => node switch
    {
        JsonObject fields => fields.SelectMany(f => (f.Value is null ? [] : Places(f.Value)).Prepend(((JsonNode)fields, (object)f.Key))),
        JsonArray list => list.SelectMany((v, n) => (v is null ? [] : Places(v)).Prepend((list, (object)n))),
        _ => [],
    };
}
