namespace Datura.Core.Hands;

/// <summary>
/// The tools of the trade with their usual rates, widths and loads. Sizes of rounds and widths of flats as they are sold; rates and loads:
/// common practice, to be replaced by the painter's own.
/// </summary>
public static class UsualTools
{
    public static IReadOnlyList<ToolDescription> All { get; } =
    [
        new(Tool.PencilLiner, "pencil liner", ToolForm.Pencil, 3, 4, 70, 100_000, 1000),
        new(Tool.Sponge, "high-density sponge", ToolForm.Sponge, 60, 300, 60, 400, 150),
        new(Tool.HalfRoundSponge, "half-round sponge", ToolForm.HalfRoundSponge, 40, 90, 30, 200, 40),
        new(Tool.StippleSponge, "stipple sponge", ToolForm.StippleSponge, 45, 150, 40, 300, 80),
        new(Tool.PetalSponge, "petal sponge", ToolForm.PetalSponge, 25, 80, 30, 200, 30),
        new(Tool.SoftBrush, "wide soft brush", ToolForm.SoftBrush, 40, 120, 50, 400, 60),
        new(Tool.Puff, "powder puff", ToolForm.Puff, 55, 200, 50, 500, 100),
        new(Tool.FlatBrush12, "flat brush 1/2 in", ToolForm.Flat, 12.7, 60, 35, 180, 20),
        new(Tool.FlatBrush, "flat brush 3/4 in", ToolForm.Flat, 20, 90, 35, 200, 30),
        new(Tool.FlatBrush25, "flat brush 1 in", ToolForm.Flat, 25.4, 120, 35, 220, 40),
        new(Tool.Filbert, "filbert", ToolForm.Filbert, 12, 30, 30, 150, 15),
        new(Tool.Dagger, "dagger brush", ToolForm.Dagger, 9, 25, 34, 180, 12),
        new(Tool.Angled, "angled flat brush", ToolForm.Angled, 12, 35, 32, 160, 15),
        new(Tool.PetalBrush, "petal brush", ToolForm.PetalBrush, 9, 22, 34, 160, 10),
        new(Tool.Round0, "round brush 0", ToolForm.Round, 1.2, 2, 22, 120, 1.5),
        new(Tool.Round1, "round brush 1", ToolForm.Round, 2, 4, 26, 200, 3),
        new(Tool.Round2, "round brush 2", ToolForm.Round, 3.2, 6, 28, 150, 4),
        new(Tool.Round3, "round brush 3", ToolForm.Round, 4.5, 9, 30, 160, 5),
        new(Tool.Round4, "round brush 4", ToolForm.Round, 6, 12, 32, 180, 7),
        new(Tool.Round5, "round brush 5", ToolForm.Round, 8, 16, 34, 200, 9),
        new(Tool.Round6, "round brush 6", ToolForm.Round, 10, 24, 36, 200, 12),
        new(Tool.Round8, "round brush 8", ToolForm.Round, 13, 34, 36, 220, 16),
        new(Tool.Finger, "finger", ToolForm.Finger, 12, 40, 25, 60, 10),
        new(Tool.Spatula, "spatula", ToolForm.Spatula, 15, 20, 15, 80, 10),
        new(Tool.Mesh, "mesh", ToolForm.Mesh, 100, 300, 60, 400, 150),
        new(Tool.Card, "cut card", ToolForm.Card, 100, 300, 60, 400, 150),
    ];

    public static ToolDescription Find(string id) => All.First(t => t.Id == id);
}
