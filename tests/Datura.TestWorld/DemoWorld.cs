using System.Text.Json;
using Datura.Core.Body;
using Datura.Core.Shapes;
using Datura.Documents;

namespace Datura.TestWorld;

/// <summary>The demo's faces, kit, settings and looks, and small parts to build tests from.</summary>
public static class DemoWorld
{
    public static Kit Kit { get; } = Load<Kit>("kits/saltmarsh-box");

    public static IReadOnlyList<Kit> AllKits { get; } = [Kit, Load<Kit>("kits/wardrobe-trunk"), Load<Kit>("kits/booth-eight")];

    public static Setting Parade { get; } = Load<Setting>("settings/night-parade");

    public static IReadOnlyList<Face> Faces { get; } = [.. new[] { "odalys", "tamsin", "bartram" }.Select(f => Load<Face>($"faces/{f}"))];

    /// <summary>The demo's three and a small child.</summary>
    public static IReadOnlyList<Face> FourFaces { get; } = [.. Faces, Faces[0] with { Id = "child", MeasuresMm = MeasurePresets.All.First(p => p.Id == "child5").MeasuresMm }];

    public static IReadOnlyDictionary<string, FittedBody> Bodies { get; } = FourFaces.ToDictionary(f => f.Id, f => FittedBody.For(f.MeasuresMm));

    public static FittedBody Body { get; } = Bodies["odalys"];

    public static string LookText(string id) => File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "demo", "looks", $"{id}.json"));

    public static Look Look(string id) => DocumentTypes.Look.ReadFile(LookText(id));

    public static PlannedLook Plan(string look, int face = 0) =>
        Planner.Plan(Look(look), Faces[face], Bodies[Faces[face].Id], Kit, Parade);

    /// <summary>A part of a kind with everything at its default and the given numbers.</summary>
    public static Part Part(string kind, params (string Id, double Value)[] numbers)
    {
        var found = PartKinds.Find(kind)!;
        return NewPart.Of(found, found.HangsOn[0], Kit) with { Unevenness = 0, Numbers = numbers.ToDictionary(n => n.Id, n => n.Value) };
    }

    public static PartMarks Expand(Part part, FittedBody? body = null) =>
        PartKinds.Find(part.Kind)!.Expand(body ?? Body, part, Parade.Costume);

    public static Look LookOf(params Part[] parts) => new("Test", "", Mapping.Freehand, [.. parts.Select((p, k) => p with { Id = $"{p.Kind}-{k}" })]);

    public static PlannedLook PlanOf(params Part[] parts) => Planner.Plan(LookOf(parts), Faces[0], Body, Kit, Parade);

    private static T Load<T>(string path) => JsonSerializer.Deserialize<T>(
        File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "demo", $"{path}.json")), DaturaJson.Compact)!;
}
