namespace Datura.Web;

/// <summary>Asks a running copy whether it can serve: for containers, whose images hold nothing else that could ask.</summary>
internal static class HealthQuestion
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(2);

    /// <returns>0 when it can, 1 when not: as whatever runs containers wants it.</returns>
    public static async Task<int> AskAsync(string address)
    {
        using var client = new HttpClient { Timeout = Patience };
        try
        {
            return (await client.GetAsync(new Uri(address))).IsSuccessStatusCode ? 0 : 1;
        }
        catch (Exception fault) when (fault is HttpRequestException or TaskCanceledException or UriFormatException)
        {
            await Console.Error.WriteLineAsync(fault.Message);
            return 1;
        }
    }
}
