namespace Datura.Core.Order;

/// <summary>A rule that gave way to a stronger one.</summary>
/// <param name="First">The group that it would have put first.</param>
/// <param name="Then">The group that goes before it all the same.</param>
/// <param name="To">The first of the rules that put them the other way round.</param>
public sealed record GivenWay(int First, int Then, OrderRule Rule, OrderRule To);
