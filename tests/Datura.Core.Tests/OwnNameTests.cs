namespace Datura.Core.Tests;

/// <summary>Parts are called what the painter calls them, wherever they are spoken of.</summary>
public class OwnNameTests
{
    [Fact]
    public void AnOwnNameStandsInStepsCautionsAndTemplates()
    {
        var look = DemoWorld.LookOf(DemoWorld.Part("skinBase"), DemoWorld.Part("socket") with { Name = "  Bilge holes " }, DemoWorld.Part("socket"));
        var plan = Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade).Plan;
        Assert.Equal(["Skin base", "Bilge holes", "Socket"], plan.Parts.Select(p => p.Label));
        Assert.Contains(plan.Steps, s => s.Title.Contains("Bilge holes", StringComparison.Ordinal));
        Assert.Contains(plan.Cautions, c => c.Sentence.Contains("Bilge holes", StringComparison.Ordinal));
        Assert.Contains(plan.Steps.SelectMany(s => s.Lengths), l => l.Part == "Bilge holes");
    }

    // No name is the kind's, and a name changes nothing but words.
    [Fact]
    public void ANameOfNothingIsNone()
    {
        Assert.Null((DemoWorld.Part("socket") with { Name = "   " }).Name);
        var (named, plain) = (DemoWorld.PlanOf(DemoWorld.Part("socket") with { Name = "Hollow" }), DemoWorld.PlanOf(DemoWorld.Part("socket")));
        Assert.Equal(plain.Plan.TotalSeconds, named.Plan.TotalSeconds);
        Assert.Equal(plain.Plan.Parts[0].Coats.Select(c => c.Colour), named.Plan.Parts[0].Coats.Select(c => c.Colour));
    }

    [Fact]
    public void ARefusalNamesThePartAsThePainterDoes()
    {
        var look = DemoWorld.LookOf(DemoWorld.Part("socket", ("width", 9000)) with { Name = "Hollow" });
        Assert.StartsWith("Hollow", Assert.Single(PlanCheck.OfLook(look)).Sentence, StringComparison.Ordinal);
    }
}
