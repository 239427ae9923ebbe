using Datura.Core.Order;
using Datura.Core.Shapes;

namespace Datura.Core;

/// <summary>A setting as the rules read it.</summary>
public static class SettingParts
{
    extension(Setting setting)
    {
        /// <summary>Where its light comes from.</summary>
        public FaceLight FaceLight => setting.Lamps is { Count: > 0 } lamps
            ? new([.. lamps.Select(l => new LampPlace(l.AzimuthDeg, l.ElevationDeg, l.SpreadDeg, l.Level, l.DistanceM))], setting.Ambient)
            : FaceLight.Usual with { Ambient = setting.Ambient };

        public Crew Crew => new(setting.OnOneself ? 1 : setting.Painters, setting.RightHanded);

        /// <summary>The usual rates with the painter's own in their place.</summary>
        public Pace OwnPace => setting.Rates is { Count: > 0 } own ? new(own) { OnOneself = setting.OnOneself, Learned = setting.Learned } : Pace.Usual with { OnOneself = setting.OnOneself, Learned = setting.Learned };

        public Costume Costume => new(setting.NecklineMm, setting.Neckline, setting.NecklineWidthMm);
    }
}
