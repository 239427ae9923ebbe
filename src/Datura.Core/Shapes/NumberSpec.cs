using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>A length (mm), angle (°) or ratio.</summary>
public record NumberSpec : ParameterSpec
{
    internal NumberSpec(string id, string label, string hint, ParameterType type, double least, double most, double step, Func<FittedBody, double> standard)
        : base(id, label, hint, type, least, most, step, standard, [])
    {
    }
}
