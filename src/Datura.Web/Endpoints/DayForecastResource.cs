using System.ComponentModel.DataAnnotations;
using Datura.Core.Days;

namespace Datura.Web;

/// <summary>What a day at the booth will be like.</summary>
/// <param name="Lines">Of every line of the menu, how long it takes; its problem where it cannot be planned, and then it is not reckoned with.</param>
/// <param name="Choices">Menus that no other beats in faces and in wishes, the most faces first.</param>
/// <param name="Changes">What one more painter does, and each look left out.</param>
public sealed record DayForecastResource(
    DayForecast Forecast,
    [property: MaxLength(BoothDay.MostLooks)] IReadOnlyList<MenuLineResource> Lines,
    [property: MaxLength(1 << BoothDay.MostLooks)] IReadOnlyList<MenuChoice> Choices,
    [property: MaxLength(BoothDay.MostLooks + 1)] IReadOnlyList<DayChange> Changes);
