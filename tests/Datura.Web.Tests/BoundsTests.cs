using System.Net;

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
}
