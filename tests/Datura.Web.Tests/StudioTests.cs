using System.IO.Compression;
using System.Net;
using System.Net.Http.Headers;
using System.Text;

namespace Datura.Web.Tests;

/// <summary>The whole studio out in one file and in again.</summary>
public sealed class StudioTests(Service service) : IClassFixture<Service>, IAsyncLifetime
{
    private readonly Service other = new();

    public Task InitializeAsync() => other.InitializeAsync();

    public Task DisposeAsync() => other.DisposeAsync();

    private static Task<HttpResponseMessage> BringIn(Service studio, byte[] file) =>
        studio.Client.PostAsync("/api/studio/file", new ByteArrayContent(file) { Headers = { ContentType = new MediaTypeHeaderValue("application/zip") } });

    private Task<byte[]> FileAsync() => service.Client.GetByteArrayAsync("/api/studio/file");

    // One file of the archive in other words.
    private static byte[] Changed(byte[] archive, string name, Func<string, string> change)
    {
        using var bytes = new MemoryStream();
        bytes.Write(archive);
        using (var zip = new ZipArchive(bytes, ZipArchiveMode.Update, leaveOpen: true))
        {
            var entry = zip.GetEntry(name)!;
            using var reader = new StreamReader(entry.Open());
            var text = reader.ReadToEnd();
            reader.Dispose();
            entry.Delete();
            using var writer = new StreamWriter(zip.CreateEntry(name).Open());
            writer.Write(change(text));
        }

        return bytes.ToArray();
    }

    private static async Task<string> Everything(Service studio)
    {
        var all = new StringBuilder();
        using var zip = new ZipArchive(await studio.Client.GetStreamAsync("/api/studio/file"));
        foreach (var entry in zip.Entries)
        {
            using var reader = new StreamReader(entry.Open());
            all.AppendLine(entry.FullName).AppendLine(await reader.ReadToEndAsync());
        }

        return all.ToString();
    }

    // Round trip: a studio emptied and filled from its own file holds the same; filled twice it holds nothing twice.
    [Fact]
    public async Task AStudioThatLostEverythingIsWholeAgainFromItsFile()
    {
        var file = await other.Client.GetByteArrayAsync("/api/studio/file");
        var before = await Everything(other);
        await using (var db = new Npgsql.NpgsqlConnection(other.Connection))
        {
            await db.OpenAsync();
            await using var empty = new Npgsql.NpgsqlCommand("select set_config('datura.studio', 'own', false); delete from document_revision; delete from document", db);
            await empty.ExecuteNonQueryAsync();
        }

        Assert.Equal("", await Everything(other));
        var first = await Service.Read<BroughtIn>(await BringIn(other, file));
        Assert.Equal(0, first.Same);
        Assert.Equal(before, await Everything(other));
        var again = await Service.Read<BroughtIn>(await BringIn(other, file));
        Assert.Equal((first.Added.Count, 0), (again.Same, again.Added.Count));
        Assert.Equal(before, await Everything(other));
    }

    // What is here keeps its place; what comes beside it gets another id, and what refers to it goes with it.
    [Fact]
    public async Task AKitOfTheSameIdComesBesideAndItsLooksGoWithIt()
    {
        var here = await service.Client.GetStringAsync("/api/kits/saltmarsh-box/file");
        var seal = (await service.DemoLook("quay-seal")) with { Kit = "saltmarsh-box" };
        var saved = await Service.Read<Saved>(await service.Send(HttpMethod.Post, "/api/looks", seal with { Name = "Seal of two boxes" }));
        var file = Changed(await FileAsync(), "kits/saltmarsh-box.kit.json", text => text.Replace("Saltmarsh paint box", "Box of the other crew", StringComparison.Ordinal));
        var brought = await Service.Read<BroughtIn>(await BringIn(service, file));
        var kit = Assert.Single(brought.Added, d => d.Kind == "kit");
        Assert.Equal("Box of the other crew", kit.Name);
        Assert.NotEqual("saltmarsh-box", kit.Id);
        Assert.Equal(here, await service.Client.GetStringAsync("/api/kits/saltmarsh-box/file"));
        var look = Assert.Single(brought.Added, d => d.Name == "Seal of two boxes");
        Assert.NotEqual(saved.Id, look.Id);
        Assert.Equal(kit.Id, (await service.DemoLook(look.Id)).Kit);
    }

    [Fact]
    public async Task OneBrokenFileKeepsEverythingOutAndIsNamed()
    {
        var before = await Everything(service);
        var file = Changed(await FileAsync(), "faces/odalys.face.json", text => text.Replace("\"version\": 1", "\"version\": 99", StringComparison.Ordinal));
        file = Changed(file, "kits/saltmarsh-box.kit.json", text => text.Replace("Saltmarsh paint box", "Box that stays out", StringComparison.Ordinal));
        var answer = await BringIn(service, file);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        var problem = await Service.Read<Problem>(answer);
        Assert.StartsWith("faces/odalys: Line 3: the file has version 99;", problem.Detail, StringComparison.Ordinal);
        Assert.EndsWith("Nothing was brought in.", problem.Detail, StringComparison.Ordinal);
        Assert.Equal(before, await Everything(service));
    }

    [Fact]
    public async Task WhatIsNoArchiveIsRefusedInASentence()
    {
        var problem = await Service.Read<Problem>(await BringIn(service, "no archive"u8.ToArray()));
        Assert.Equal(400, problem.Status);
        Assert.Contains("ZIP archive", problem.Detail, StringComparison.Ordinal);
    }
}
