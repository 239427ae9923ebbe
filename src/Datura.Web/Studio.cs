namespace Datura.Web;

/// <summary>The studio that the first start makes, with the demo in it.</summary>
public static class Studio
{
    public const string Own = "own";
}
