using System.IO.Compression;
using System.Text;

namespace Datura.Documents.Tests;

public class StudioFileTests
{
    private static readonly string SealFile = DocumentTypes.Look.WriteFile(DemoWorld.Look("quay-seal"));

    private static byte[] Zip(params (string Name, string Text)[] files)
    {
        using var bytes = new MemoryStream();
        using (var archive = new ZipArchive(bytes, ZipArchiveMode.Create, leaveOpen: true))
        {
            foreach (var (name, text) in files)
            {
                using var file = archive.CreateEntry(name).Open();
                file.Write(Encoding.UTF8.GetBytes(text));
            }
        }

        return bytes.ToArray();
    }

    [Fact]
    public void WhatIsWrittenIsReadAgain()
    {
        StudioEntry[] entries =
        [
            new(DocumentTypes.Kit, "box", DocumentTypes.Kit.WriteFile(DemoWorld.Kit)), new(DocumentTypes.Setting, "parade", DocumentTypes.Setting.WriteFile(DemoWorld.Parade)),
            new(DocumentTypes.Look, "seal", SealFile),
        ];
        Assert.Equal(entries, StudioFile.Read(StudioFile.Write(entries)));
    }

    // Whatever packs it, in whatever order and with whatever beside it.
    [Fact]
    public void AnArchiveOfAnyProgramIsRead()
    {
        var read = StudioFile.Read(Zip(("looks/seal.look.json", SealFile), ("readme.txt", "hello"), ("looks/notes.txt", "x"), ("kits/box.kit.json", "{}"), ("looks/", "")));
        Assert.Equal([("kit", "box"), ("look", "seal")], read.Select(e => (e.Type.Name, e.Id)));
    }

    [Theory]
    [InlineData("")]
    [InlineData("no archive at all")]
    [InlineData("PK\u0003\u0004 cut off")]
    public void WhatIsNoArchiveIsRefusedInASentence(string bytes) =>
        Assert.Equal(ProblemCode.StudioBroken, Assert.Throws<DocumentFileException>(() => StudioFile.Read(Encoding.Latin1.GetBytes(bytes))).Problem.Code);

    [Fact]
    public void AnArchiveCutOffAnywhereIsRefusedInASentence()
    {
        var whole = Zip(("looks/seal.look.json", SealFile));
        for (var bytes = 1; bytes < whole.Length; bytes += 37)
        {
            Assert.Throws<DocumentFileException>(() => StudioFile.Read(whole[..bytes]));
        }
    }

    [Fact]
    public void AnArchiveWithoutDocumentsIsRefused() =>
        Assert.Equal(ProblemCode.StudioEmpty, Assert.Throws<DocumentFileException>(() => StudioFile.Read(Zip(("readme.txt", "hello")))).Problem.Code);

    // A thousand to one is what the method of the archive reaches: a small file that unpacks to a large one is stopped on the way.
    [Fact]
    public void ABombIsNotUnpacked()
    {
        var bomb = Zip(("looks/a.look.json", new string(' ', 40_000_000)));
        Assert.True(bomb.Length < 100_000);
        Assert.Equal(ProblemCode.StudioTooLarge, Assert.Throws<DocumentFileException>(() => StudioFile.Read(bomb)).Problem.Code);
        var many = Zip([.. Enumerable.Range(0, StudioFile.MostDocuments + 1).Select(n => ($"looks/{n}.look.json", ""))]);
        Assert.Equal(ProblemCode.StudioTooLarge, Assert.Throws<DocumentFileException>(() => StudioFile.Read(many)).Problem.Code);
    }
}
