using Datura.Core.Shapes;

namespace Datura.Web;

public sealed record ParameterResource(
    string Id, string Label, string Hint, ParameterType Type, double Least, double Most, double Step, IReadOnlyList<string> Choices);
