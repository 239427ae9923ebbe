using System.Net;
using System.Text;

namespace Datura.Web.Tests;

/// <summary>Sizes, kinds of content, methods and values of an address: what is out of bounds is refused in a sentence.</summary>
public class BoundsTests(Service service) : IClassFixture<Service>
{
    private static async Task<Problem> Refused(HttpResponseMessage answer, HttpStatusCode status)
    {
        Assert.Equal(status, answer.StatusCode);
        Assert.Equal("application/problem+json", answer.Content.Headers.ContentType?.MediaType);
        var problem = await Service.Read<Problem>(answer);
        Assert.EndsWith(".", problem.Detail, StringComparison.Ordinal);
        return problem;
    }

    [Fact]
    public async Task NotesOfThreeMegabytesAreRefusedAndNotesOfAPageAreKept()
    {
        var look = (await service.DemoLook("quay-seal")) with { Name = "Wordy seal" };
        var problem = await Refused(await service.Send(HttpMethod.Post, "/api/looks", look with { Notes = new('x', 3_000_000) }), HttpStatusCode.BadRequest);
        Assert.Contains("notes", problem.Errors!.Keys);
        Assert.Contains("up to 4000", problem.Detail, StringComparison.Ordinal);
        var page = new string('x', Limits.LongestNotes);
        var saved = await Service.Read<Saved>(await service.Send(HttpMethod.Post, "/api/looks", look with { Notes = page }));
        Assert.Equal(page, (await service.DemoLook(saved.Id)).Notes);
    }

    [Fact]
    public async Task TwentyThousandLampsAreRefused()
    {
        var setting = (await service.Get<SettingResource>("/api/settings/night-parade")).Setting;
        var problem = await Refused(
            await service.Send(HttpMethod.Post, "/api/settings", setting with { Lamps = [.. Enumerable.Repeat(new LampLevel("lantern", 1), 20_000)] }), HttpStatusCode.BadRequest);
        Assert.Contains("lamps", problem.Errors!.Keys);
    }

    // A large look has more coats than an ordinary list has entries.
    [Fact]
    public async Task AnOrderOfNineHundredCoatsOnScreenIsTaken()
    {
        var request = (await service.DemoRequest()) with { OnScreen = [.. Enumerable.Range(0, 900).Select(n => $"part-{n}/line")] };
        Assert.Equal(HttpStatusCode.OK, (await service.Send(HttpMethod.Post, "/api/plan", request)).StatusCode);
    }

    [Theory]
    [InlineData("\n")]
    [InlineData("\0")]
    [InlineData("\u001b[2J")]
    public async Task ANameHasNoLinesInItAndNotesMay(string odd)
    {
        var face = (await service.Get<FaceResource>("/api/faces/odalys")).Face;
        await Refused(await service.Send(HttpMethod.Post, "/api/faces", face with { Name = $"Odd{odd}name" }), HttpStatusCode.BadRequest);
        var look = (await service.DemoLook("quay-seal")) with { Name = "Seal in two lines", Notes = "One line.\nAnd another." };
        Assert.Equal(HttpStatusCode.Created, (await service.Send(HttpMethod.Post, "/api/looks", look)).StatusCode);
    }

    [Theory]
    [InlineData("/api/plan/templates?allowance=NaN", "allowance")]
    [InlineData("/api/plan/templates?allowance=-3", "allowance")]
    [InlineData("/api/plan/templates?allowance=1e300", "allowance")]
    [InlineData("/api/plan/fewest?deltaE=Infinity", "deltaE")]
    [InlineData("/api/plan/core?x=NaN&y=0", "x")]
    [InlineData("/api/plan/order/move?step=1&to=x", "to")]
    [InlineData("/api/plan/handles?part=%00", "part")]
    public async Task ValuesOfTheAddressAreNamed(string address, string name)
    {
        var problem = await Refused(await service.Send(HttpMethod.Post, address, await service.DemoRequest()), HttpStatusCode.BadRequest);
        Assert.Contains(name, problem.Errors!.Keys);
    }

    [Theory]
    [InlineData("/api/looks", "text/plain", HttpStatusCode.UnsupportedMediaType)]
    [InlineData("/api/plan", "application/xml", HttpStatusCode.UnsupportedMediaType)]
    [InlineData("/api/plan", "nonsense", HttpStatusCode.UnsupportedMediaType)]
    [InlineData("/api/studio/file", "text/plain", HttpStatusCode.UnsupportedMediaType)]
    [InlineData("/api/kits/odalys/recipe", "application/json", HttpStatusCode.MethodNotAllowed)]
    [InlineData("/api/nothing/here", "application/json", HttpStatusCode.NotFound)]
    public async Task AnotherKindOfContentAnotherMethodAndNoAddressAreThreeThings(string address, string type, HttpStatusCode status)
    {
        var content = new ByteArrayContent("{}"u8.ToArray());
        content.Headers.TryAddWithoutValidation("Content-Type", type);
        var answer = await service.Client.PostAsync(address, content);
        var problem = await Refused(answer, status);
        Assert.Equal(status == HttpStatusCode.MethodNotAllowed, answer.Content.Headers.Allow.Contains("GET"));
        Assert.DoesNotContain("Parameter", problem.Detail, StringComparison.Ordinal);
    }

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
