namespace Datura.TestWorld;

/// <summary>The repository that the tests were built from, for tests that read its code and papers.</summary>
public static class Repository
{
    public static string Root { get; } = Up(AppContext.BaseDirectory);

    private static string Up(string folder) => File.Exists(Path.Combine(folder, "Datura.slnx")) ? folder : Up(Path.GetDirectoryName(folder)!);
}
