using System.Globalization;
using Datura.Core.Shapes;

namespace Datura.Files.Sheets;

/// <summary>Numbers as painters read them, in millimetres or inches.</summary>
public static class Units
{
    private const double MmPerInch = 25.4;
    private const double Cm2PerSquareInch = 6.4516;

    public static string Clock(double seconds)
    {
        var whole = (int)Math.Round(seconds);
        return FormattableString.Invariant($"{whole / 60}:{whole % 60:00}");
    }

    private static string Area(double value, string unit) => value >= 100
        ? string.Create(CultureInfo.InvariantCulture, $"{value:0} {unit}")
        : string.Create(CultureInfo.InvariantCulture, $"{value:0.#} {unit}");

    public static string Size(SizeLine size, bool inches) => size.Unit switch
    {
        "mm" when inches => string.Create(CultureInfo.InvariantCulture, $"{size.Value / MmPerInch:0.##} in"),
        "cm²" when inches => Area(size.Value / Cm2PerSquareInch, "sq in"),
        "cm²" => Area(size.Value, "cm²"),
        "" => string.Create(CultureInfo.InvariantCulture, $"{size.Value:0}"),
        "mm" => string.Create(CultureInfo.InvariantCulture, $"{size.Value:0.#} mm"),
        _ => string.Create(CultureInfo.InvariantCulture, $"{size.Value:0.#} {size.Unit}"),
    };
}
