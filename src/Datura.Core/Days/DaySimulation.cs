namespace Datura.Core.Days;

/// <summary>One day at a booth played through: first come, first painted, by whoever can begin first; who waits longer than patience lasts leaves.</summary>
public static class DaySimulation
{
    private sealed class Chair(BoothPainter painter, double from)
    {
        private readonly BoothBreak[] breaks = [.. painter.Breaks.OrderBy(b => b.AtMinute)];
        private int taken;

        public double FreeAt { get; private set; } = from;

        public double Pace { get; } = painter.TimePercent / 100;

        /// <summary>When a face that is there from a minute on can begin.</summary>
        public double BeginsAt(double from)
        {
            var at = Math.Max(FreeAt, from);
            for (var k = taken; k < breaks.Length && at >= breaks[k].AtMinute; k++)
            {
                at = Math.Max(at, Math.Max(FreeAt, breaks[k].AtMinute) + breaks[k].Minutes);
            }

            return at <= (painter.UntilMinute ?? double.PositiveInfinity) ? at : double.PositiveInfinity;
        }

        public void Take(double begins, double minutes)
        {
            while (taken < breaks.Length && begins >= breaks[taken].AtMinute)
            {
                taken++;
            }

            FreeAt = begins + minutes;
        }
    }

    /// <param name="closesAt">Whoever comes later is turned away.</param>
    /// <param name="freeAt">When each painter is free, where the day has begun; from her first minute when none is given.</param>
    public static IReadOnlyList<QueueStay> Of(
        BoothDay day, IReadOnlyList<MenuTime> times, IReadOnlyList<QueueGuest> guests, double closesAt = double.PositiveInfinity, IReadOnlyList<double>? freeAt = null)
    {
        var chairs = day.Painters.Select((p, k) => new Chair(p, Math.Max(freeAt?[k] ?? day.FromMinute, p.FromMinute ?? day.FromMinute))).ToArray();
        var stays = new QueueStay[guests.Count];
        for (var n = 0; n < guests.Count; n++)
        {
            var guest = guests[n];
            if (guest.Look < 0)
            {
                stays[n] = new(guest, QueueFate.WantedOther, 0, double.NaN, -1);
                continue;
            }

            if (guest.At > closesAt)
            {
                stays[n] = new(guest, QueueFate.TurnedAway, 0, double.NaN, -1);
                continue;
            }

            var (best, begins) = (-1, double.PositiveInfinity);
            for (var k = 0; k < chairs.Length; k++)
            {
                if (chairs[k].BeginsAt(guest.At) is var at && at < begins)
                {
                    (best, begins) = (k, at);
                }
            }

            if (begins - guest.At > guest.Patience || best < 0)
            {
                stays[n] = new(guest, QueueFate.Left, guest.Patience, double.NaN, -1);
                continue;
            }

            var minutes = times[guest.Look].Minutes * guest.Slowness * chairs[best].Pace;
            chairs[best].Take(begins, minutes + day.BetweenMinutes);
            stays[n] = new(guest, QueueFate.Painted, begins - guest.At, begins + minutes, best);
        }

        return stays;
    }
}
