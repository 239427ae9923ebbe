namespace Datura.Web;

/// <summary>The studio whose rows the service works on; one until there are accounts.</summary>
public static class Studio
{
    public const string Own = "own";
}
