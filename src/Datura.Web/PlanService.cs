using System.Collections.Concurrent;
using System.Security.Cryptography;
using System.Text;
using Datura.Core;
using Datura.Core.Body;
using Datura.Files.Json;

namespace Datura.Web;

/// <summary>What to plan: a look as it stands in the painter's hands, and by id on whom, with what and where.</summary>
public sealed record PlanRequest(LookDocument Look, string FaceId, string KitId, string SettingId);

/// <summary>
/// Plans on request. Bodies and plans of the last requests are remembered by a hash of their whole input; another copy of
/// the service that remembers nothing gives the same answers.
/// </summary>
public sealed class PlanService(Library library)
{
    private readonly Recent<FittedBody> bodies = new(12);
    private readonly Recent<PlannedLook> plans = new(24);

    public FittedBody Body(IReadOnlyDictionary<string, double> measuresMm) =>
        bodies.Get(Library.Write(measuresMm.OrderBy(m => m.Key, StringComparer.Ordinal)), () => FittedBody.For(measuresMm));

    public async Task<PlannedLook> PlanAsync(PlanRequest request)
    {
        if (request.Look is null)
        {
            throw new BadInputException("look", "The request carries no look. Send the look to be planned.");
        }

        if (string.IsNullOrWhiteSpace(request.FaceId) || string.IsNullOrWhiteSpace(request.KitId) || string.IsNullOrWhiteSpace(request.SettingId))
        {
            throw new BadInputException("faceId", "A plan needs a face, a kit and a setting. Choose all three.");
        }

        var face = await library.FaceAsync(request.FaceId);
        var kit = await library.KitAsync(request.KitId);
        var setting = await library.SettingAsync(request.SettingId);
        var key = Library.Write(new { request.Look, face, kit, setting });
        return plans.Get(key, () => Planner.Plan(request.Look.ToLook(), face, Body(face.MeasuresMm), kit, setting));
    }

    private sealed class Recent<T>(int most)
    {
        private readonly ConcurrentDictionary<string, (Lazy<T> Value, long Used)> kept = new();
        private long clock;

        public T Get(string input, Func<T> make)
        {
            var key = Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(input)));
            var entry = kept.AddOrUpdate(
                key, _ => (new(make), Interlocked.Increment(ref clock)), (_, old) => (old.Value, Interlocked.Increment(ref clock)));
            foreach (var old in kept.OrderByDescending(k => k.Value.Used).Skip(most))
            {
                kept.TryRemove(old.Key, out _);
            }

            try
            {
                return entry.Value.Value;
            }
            catch
            {
                kept.TryRemove(key, out _);
                throw;
            }
        }
    }
}
