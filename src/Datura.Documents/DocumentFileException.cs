namespace Datura.Documents;

/// <summary>A file that cannot be read: where, and what to do.</summary>
/// <param name="line">Line in the file, from 1.</param>
public sealed class DocumentFileException(int line, Problem problem) : Exception(problem.Sentence)
{
    public DocumentFileException(int line, ProblemCode code, params (string Name, object Value)[] values)
        : this(line, Problem.Of("file", code, [("line", line), .. values]))
    {
    }

    public int Line => line;

    public Problem Problem => problem;
}
