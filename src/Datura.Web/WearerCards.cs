using System.Text.Json;
using Datura.Core.Caution;
using Datura.Documents;
using Datura.Store;

namespace Datura.Web;

/// <summary>Wearers' cards of the studio, as long as they are kept.</summary>
public sealed class WearerCards(WearerCardStore store)
{
    /// <returns>The card of a face; null when there is none, or its day has passed.</returns>
    public async Task<CardOfFace?> FindAsync(string face, CancellationToken cancel = default) => await store.FindAsync(face, Today.Day, cancel) is { } found
        ? new(found.Revision, JsonSerializer.Deserialize<WearerCard>(found.Body, DaturaJson.Compact)!) : null;

    /// <summary>What a wearer brings along by the card; nothing without one.</summary>
    public async Task<IReadOnlyList<WearerCaution>> BroughtAsync(string face, CancellationToken cancel = default) => (await FindAsync(face, cancel))?.Card.Brings ?? [];

    /// <exception cref="InputException">It cannot be kept so.</exception>
    /// <exception cref="StaleRevisionException">Somebody saved in between.</exception>
    public async Task<CardOfFace> SaveAsync(string face, int read, WearerCard card, CancellationToken cancel = default)
    {
        CardCheck.Check(card, Today.Day);
        return new(await store.SaveAsync(face, read, JsonSerializer.Serialize(card, DaturaJson.Compact), card.DeleteOn, Today.Day, cancel), card);
    }

    public Task<bool> DeleteAsync(string face, CancellationToken cancel = default) => store.DeleteAsync(face, cancel);
}
