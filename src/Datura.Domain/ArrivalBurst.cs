using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>Faces that come within a few minutes of each other.</summary>
public sealed record ArrivalBurst([property: Range(0, BoothDay.MinutesOfDay)] int AtMinute, [property: Range(1, 200)] int Faces);
