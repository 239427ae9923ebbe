using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>How a look is to be ordered. Coats are named part/role.</summary>
/// <param name="Sequence">The order the painter keeps, coat by coat: what comes later lies over what it touches. New coats find their place in it. Null for the computed one.</param>
/// <param name="Without">Ids of switchable rules that are off.</param>
/// <param name="Over">What lies on what where the painter differs from her school.</param>
public sealed record OrderWish(
    LineSchool Lines = LineSchool.Last, SocketSchool Sockets = SocketSchool.AfterBase, [property: MaxLength(Limits.MostInOrder)] IReadOnlyList<string>? Sequence = null,
    [property: MaxLength(Limits.MostInOrder)] IReadOnlyList<StepPin>? Pins = null, [property: MaxLength(Limits.MostInOrder)] IReadOnlyList<StepTie>? Ties = null, IReadOnlyList<string>? Without = null,
    [property: MaxLength(Limits.MostInOrder)] IReadOnlyList<CoatOver>? Over = null)
{
    public static OrderWish Usual { get; } = new();

    public bool Holds(OrderRule rule) => !rule.Switchable || Without?.Contains(rule.Id) != true;
}
