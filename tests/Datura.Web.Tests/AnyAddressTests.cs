using System.Text;

namespace Datura.Web.Tests;

/// <summary>Anything in any address. It has a service to itself: what is drawn may well erase what others look for.</summary>
public sealed class AnyAddressTests(Service service) : IClassFixture<Service>
{
    // Every operation of the description, with anything in its address and any kind of body: no fault of ours, always a sentence.
    [Fact]
    public async Task EveryAddressWithAnythingInItIsAnsweredOrRefusedInASentence()
    {
        string[] odd =
        [
            "", " ", "%00", "%0A", "..", "..%2f..", "-1", "0", "1e99", "NaN", "Infinity", "true", "odalys", "saltmarsh-box", "night-parade", "quay-seal", "horns", "leftOrbit",
            "' or 1=1 --", "\ud83e\udd80", "{0}", "[..]", new('y', 5000), "2147483648", "%ff", "a/b", "null",
        ];
        var operations = System.Text.Json.Nodes.JsonNode.Parse(await service.Client.GetStringAsync("/openapi/v1.json"))!["paths"]!.AsObject()
            .SelectMany(p => p.Value!.AsObject().Select(o => (Path: p.Key, Method: o.Key.ToUpperInvariant(), Operation: o.Value!))).ToArray();
        var draws = int.TryParse(Environment.GetEnvironmentVariable("DATURA_DRAWS"), out var more) ? more : 80;
        var faults = new List<string>();
        for (var seed = 0; seed < draws; seed++)
        {
            var random = new Random(seed);
            string Odd() => odd[random.Next(odd.Length)] is var text && text.StartsWith('%') ? text : Uri.EscapeDataString(text);
            var (path, method, operation) = operations[random.Next(operations.Length)];
            var asked = operation["parameters"]?.AsArray().Where(p => (string?)p!["in"] == "query" && random.Next(4) > 0).Select(p => $"{p!["name"]}={Odd()}") ?? [];
            // The server itself refuses a NUL in a path; the one of the tests does not come so far.
            var address = $"{System.Text.RegularExpressions.Regex.Replace(path, @"\{\w+\}", _ => Odd().Replace("%00", "0"))}?{string.Join('&', asked)}";
            using var request = new HttpRequestMessage(new(method), address);
            if (method is "POST" or "PUT")
            {
                request.Content = new ByteArrayContent(Encoding.UTF8.GetBytes(((string[])["{}", "[]", "null", "", "<svg/>", "{\"look\":", "\u0000"])[random.Next(7)]));
                request.Content.Headers.TryAddWithoutValidation("Content-Type", ((string[])["application/json", "text/plain", "image/svg+xml", "x", "application/json; charset=utf-7"])[random.Next(5)]);
            }

            if (random.Next(6) == 0)
            {
                request.Headers.TryAddWithoutValidation("Idempotency-Key", new string('k', 900));
                request.Headers.TryAddWithoutValidation("Datura-Screen", "\u00ff\u00ff");
            }

            using var answer = await service.Client.SendAsync(request);
            var said = answer.Content.Headers.ContentType?.MediaType == "application/problem+json" ? (await Service.Read<Problem>(answer)).Detail : null;
            if ((int)answer.StatusCode >= 500 || ((int)answer.StatusCode >= 400 && (said is not { Length: > 15 } || !said.EndsWith('.'))))
            {
                faults.Add($"{seed} {method} {address[..Math.Min(120, address.Length)]}: {(int)answer.StatusCode} {said}");
            }
        }

        Assert.True(faults.Count == 0, $"{faults.Count} faults\n{string.Join('\n', faults.Take(14))}");
    }
}
