namespace Datura.Core.Tests.Order;

/// <param name="Seconds">When each stage ends, or the whole; none where it is not known.</param>
internal sealed record PracticeCase(string Name, Face Face, Look Look, params double[] Seconds)
{
    public PlannedLook Planned(Look? look = null) => Planner.Plan(look ?? Look, Face, DemoWorld.Bodies[Face.Id], DemoWorld.Kit, DemoWorld.Parade);
}
