using Datura.Core.Fit;
using Datura.Core;
using Datura.Core.Body;
using Datura.Core.Form;
using Datura.Core.Shapes;
using Datura.Documents;
using Datura.Files.Pictures;

namespace Datura.Web;

/// <summary>
/// Plans on request, of the studio of whoever asks. Another copy of the service that remembers nothing gives the same answers.
/// </summary>
public sealed class PlanService(Library library, PlanMemory memory, WearerCards cards, LearnedBooks books)
{
    /// <summary>Picture of a kind in the library, PNG.</summary>
    public async Task<byte[]> KindPictureAsync(PartKind kind, string kitId, int pixels, CancellationToken cancel = default)
    {
        var kit = await library.KitAsync(kitId, cancel);
        return await memory.KindPictures.GetAsync($"{kind.Id} {pixels} {InputText.Of(kit)}", () =>
        {
            var rgba = PartPicture.Of(kind, kit, pixels);
            return WebP.Of(rgba, pixels, pixels);
        }, cancel);
    }

    public Task<FittedBody> BodyAsync(IReadOnlyDictionary<string, double> measuresMm, CancellationToken cancel = default)
    {
        var key = InputText.Of(measuresMm.OrderBy(m => m.Key, StringComparer.Ordinal));
        return memory.Bodies.GetAsync(key, () => memory.Body(key, () => FittedBody.For(measuresMm)), cancel);
    }

    /// <summary>The setting, with learned times where it asks for them.</summary>
    public async Task<Setting> SettingAsync(PlanRequest request, CancellationToken cancel = default)
    {
        var setting = await library.SettingAsync(request.SettingId, cancel);
        return await books.WithTimesAsync(request.OnOneself ? setting with { OnOneself = true } : setting, cancel);
    }

    public Task<Kit> KitAsync(PlanRequest request, CancellationToken cancel = default) => library.KitAsync(request.KitId, cancel);

    /// <summary>Pixels a side of the picture that a dragged lamp changes.</summary>
    public const int HeldPixels = 448;

    /// <summary>A form with its lamp in the hand, and the picture of the paint without its tones.</summary>
    public async Task<(HeldForm Form, byte[] Bare)> HeldAsync(PlanRequest request, CancellationToken cancel = default)
    {
        if (request.Look?.Form is not { LeftOut: false } wish)
        {
            throw new InputException("look.form", ProblemCode.NoForm);
        }

        var problems = PlanCheck.OfLook(request.Look).ToArray();
        if (problems.Length > 0)
        {
            throw new PlanException(problems);
        }

        var (face, kit, setting) = (await library.FaceAsync(request.FaceId, cancel), await library.KitAsync(request.KitId, cancel), await library.SettingAsync(request.SettingId, cancel));
        var bare = request with { Look = request.Look with { Form = null }, Draft = true };
        var key = InputText.Of(new { bare.Look, face, kit, setting, Wish = wish with { Pretended = FormWish.Usual.Pretended } });
        var planned = await PlanAsync(bare, cancel);
        return await memory.Held.GetAsync(key, () => (
            FormPlan.Hold(wish, planned.Parts, planned.Body, kit, Planner.Ground(bare.Look, planned.Parts, face, kit), setting),
            Files.Pictures.BustPicture.Painted(planned, planned.Coats.Count, HeldPixels).Rgba()), cancel);
    }

    /// <summary>A look with the versions of some parts chosen; the others are painted in full.</summary>
    public static Look With(Look look, IReadOnlyDictionary<string, PartVersion> chosen, IReadOnlyDictionary<string, IReadOnlyList<string>>? without = null) => look with
    {
        Parts = [.. look.Parts.Select(p => p with { Version = chosen.GetValueOrDefault(p.Id, PartVersion.Full), Without = without?.GetValueOrDefault(p.Id) ?? [] })],
        Form = look.Form is { } form ? form with { LeftOut = chosen.ContainsKey(FormKind.PartId) } : null,
    };

    /// <summary>What can be kept of a look in how many minutes; versions already chosen do not count.</summary>
    public async Task<(Core.Fit.LookVersions Versions, Setting Setting)> VersionsAsync(PlanRequest request, CancellationToken cancel = default)
    {
        if (request.Look is null)
        {
            throw new InputException("look", ProblemCode.NoLook);
        }

        var whole = request with { Look = With(request.Look, new Dictionary<string, PartVersion>()), OnScreen = null, Draft = false };
        var planned = await PlanAsync(whole, cancel);
        var (kit, setting) = (await KitAsync(request, cancel), await SettingAsync(request, cancel));
        if (planned.Jobs.Count == 0)
        {
            throw new InputException("look.parts", ProblemCode.NoCoats);
        }

        var light = Light(setting);
        // The slot itself does not matter here.
        var key = InputText.Of(new { whole.Look, planned.Plan.MeasuresMm, planned.Plan.SkinColour, kit, setting.Learned, Setting = setting with { SlotMinutes = 1, Name = "", Light = "" } });
        var (look, _) = await OnKitAsync(whole.Look, kit, cancel);
        return (await memory.Versions.GetAsync(key, () => Core.Fit.LookVersions.Of(look, planned, kit, setting, light, cancel), cancel), setting);
    }

    /// <summary>What may be left out of a look while it is painted.</summary>
    public async Task<IReadOnlyList<ChairWay>> WaysAsync(PlanRequest request, CancellationToken cancel = default)
    {
        var planned = await PlanAsync(request, cancel);
        var (kit, setting) = (await KitAsync(request, cancel), await SettingAsync(request, cancel));
        var (look, _) = await OnKitAsync(request.Look, kit, cancel);
        return Core.Fit.LookVersions.Ways(look, planned, kit, setting, Light(setting), cancel);
    }

    /// <summary>What would make a look quicker, by what its steps took in the book.</summary>
    public async Task<IReadOnlyList<Core.Learn.QuickerIdea>> QuickerAsync(PlanRequest request, IReadOnlyList<Core.Learn.CostlyStep> costly, CancellationToken cancel = default)
    {
        var (face, kit, setting) = (await library.FaceAsync(request.FaceId, cancel), await KitAsync(request, cancel), await SettingAsync(request, cancel));
        var (look, _) = await OnKitAsync(request.Look, kit, cancel);
        return Core.Learn.Quicker.Of(look, await BodyAsync(face.MeasuresMm, cancel), face, kit, setting, costly, Light(setting), cancel);
    }

    /// <summary>Likely seconds of a look as usual and by somebody's own times, whatever the setting asks for.</summary>
    public async Task<(double Usual, double Own)> BothTimesAsync(PlanRequest request, LearnedTimes times, CancellationToken cancel = default)
    {
        var (face, kit) = (await library.FaceAsync(request.FaceId, cancel), await KitAsync(request, cancel));
        var setting = (await library.SettingAsync(request.SettingId, cancel)) with { TimesOf = null };
        var (look, _) = await OnKitAsync(request.Look, kit, cancel);
        var body = await BodyAsync(face.MeasuresMm, cancel);
        double Seconds(Setting there) => Planner.Plan(look, face, body, kit, there, FormGrid.CoarsePixels, cancel: cancel).Plan.TotalSeconds;
        return (Seconds(setting with { Rates = null }), Seconds(setting with { Learned = times }));
    }

    private static ChromaticAdaptation? Light(Setting setting) => setting.Lamps is { Count: > 0 } lamps ? new ChromaticAdaptation(Core.Paint.Lamps.Together(lamps)) : null;

    /// <summary>Whole faces for a brief.</summary>
    public async Task<IReadOnlyList<Core.Briefs.Proposal>> ProposeAsync(BriefRequest request, int count, CancellationToken cancel = default)
    {
        var (face, kit, setting, body) = await AskedAsync(request, cancel);
        var ideas = await IdeasAsync(cancel);
        return await memory.Proposed.GetAsync(InputText.Of(new { request.Brief, face, kit, setting, setting.Learned, count, own = ideas.Skip(IdeaFiles.Shipped.Count) }), () =>
            Core.Briefs.Proposals.Of(request.Brief, ideas, face, body, kit, setting, count, cancel), cancel);
    }

    /// <summary>The first of them, sooner.</summary>
    public async Task<Core.Briefs.Proposal?> ProposeFirstAsync(BriefRequest request, CancellationToken cancel = default)
    {
        var (face, kit, setting, body) = await AskedAsync(request, cancel);
        return Core.Briefs.Proposals.First(request.Brief, await IdeasAsync(cancel), face, body, kit, setting, cancel);
    }

    // Those that ship with the program, then the studio's own.
    private async Task<IReadOnlyList<Idea>> IdeasAsync(CancellationToken cancel) => [.. IdeaFiles.Shipped, .. await library.AllAsync(DocumentTypes.Idea, cancel)];

    private async Task<(Face Face, Kit Kit, Setting Setting, FittedBody Body)> AskedAsync(BriefRequest request, CancellationToken cancel)
    {
        if (request.Brief is null)
        {
            throw new InputException("brief", ProblemCode.NoBrief);
        }

        if (request.Brief.Keep is { Count: > 0 } kept && PlanCheck.OfLook(new("kept", "", Mapping.Freehand, kept)) is { Count: > 0 } problems)
        {
            throw new PlanException(problems);
        }

        var face = await library.FaceAsync(request.FaceId, cancel);
        return (face, await library.KitAsync(request.KitId, cancel), await books.WithTimesAsync(await library.SettingAsync(request.SettingId, cancel), cancel), await BodyAsync(face.MeasuresMm, cancel));
    }

    public Task<PlannedLook> PlanAsync(PlanRequest request, CancellationToken cancel = default) => PlanAsync(request, withCard: true, cancel);

    /// <param name="withCard">Whether what the wearer's card says is minded; not where somebody else looks on.</param>
    public async Task<PlannedLook> PlanAsync(PlanRequest request, bool withCard, CancellationToken cancel)
    {
        if (request.Look is null)
        {
            throw new InputException("look", ProblemCode.NoLook);
        }

        if (string.IsNullOrWhiteSpace(request.FaceId) || string.IsNullOrWhiteSpace(request.KitId) || string.IsNullOrWhiteSpace(request.SettingId))
        {
            throw new InputException("faceId", ProblemCode.NothingChosen);
        }

        var face = await library.FaceAsync(request.FaceId, cancel);
        var kit = await library.KitAsync(request.KitId, cancel);
        var setting = await SettingAsync(request, cancel);
        var (look, standIns) = await OnKitAsync(request.Look, kit, cancel);
        var card = withCard ? (await cards.FindAsync(face.Id, cancel))?.Card : null;
        var key = InputText.Of(new { request.Look, standIns, face, kit, setting, setting.Learned, card, request.Draft, request.OnScreen });
        var body = await BodyAsync(face.MeasuresMm, cancel);
        return await memory.Plans.GetAsync(key, () => Planner.Plan(look, face, body, kit, setting, request.Draft ? FormGrid.CoarsePixels : FormGrid.FinePixels, request.OnScreen, standIns,
            card, cancel), cancel);
    }

    /// <summary>A look with the face, kit and setting named, or with what it would usually be shown with: its own kit, the studio's first face and setting.</summary>
    public async Task<PlanRequest> UsualAsync(Look look, string? face, string? kit, string? setting, CancellationToken cancel)
    {
        async Task<string> First<T>(DocumentType<T> type, string? wanted = null)
            where T : class => await library.FirstAsync(type, wanted, cancel) ?? throw new InputException(type.Name, ProblemCode.StudioHasNone, ("kind", type.Name));
        return new(look, face ?? await First(DocumentTypes.Face), kit ?? await First(DocumentTypes.Kit, look.Kit), setting ?? await First(DocumentTypes.Setting));
    }

    /// <summary>The look with the nearest mixes of this kit in place of paints that it does not hold.</summary>
    public async Task<(Look Look, IReadOnlyList<StandIn> StandIns)> OnKitAsync(Look look, Kit kit, CancellationToken cancel)
    {
        var paints = look.Parts.SelectMany(p => p.Paints.Values).SelectMany(m => m.Shares).Select(s => s.Paint).ToHashSet();
        if (paints.All(id => kit.Paints.Any(p => p.Id == id)))
        {
            return (look, []);
        }

        var own = await OwnKitAsync(look, paints, cancel);
        return await memory.OnKit.GetAsync(InputText.Of(new { look, kit, own }), () => StandIns.Of(look, kit, own), cancel);
    }

    // The kit that the look names, or one of the studio's that holds all its paints.
    private async Task<Kit?> OwnKitAsync(Look look, HashSet<string> paints, CancellationToken cancel)
    {
        var kits = await library.AllAsync(DocumentTypes.Kit, cancel);
        return kits.FirstOrDefault(k => k.Id == look.Kit) ?? kits.FirstOrDefault(k => paints.All(id => k.Paints.Any(p => p.Id == id)));
    }
}
