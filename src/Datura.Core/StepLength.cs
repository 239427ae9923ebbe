using Datura.Core.Shapes;

namespace Datura.Core;

public sealed record StepLength(string Part, SizeLine Size);
