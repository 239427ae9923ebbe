using System.Net;

namespace Datura.Web.Guard;

/// <summary>Where the service answers, and under which names it may be called.</summary>
public static class Addresses
{
    /// <summary>Names that other computers can be reached by stand in DATURA_HOSTS, separated by semicolons.</summary>
    public const string Hosts = "DATURA_HOSTS";

    /// <summary>Set to "yes" by whoever puts something in front that lets only their own people in.</summary>
    public const string Guarded = "DATURA_GUARDED";

    private static readonly string[] Loopback = ["localhost", "127.0.0.1", "[::1]"];

    /// <summary>
    /// The names in a Host header that are answered: others may come from a foreign page whose name was made to lead here (DNS rebinding).
    /// </summary>
    public static IReadOnlyList<string> Allowed(string? more) =>
        [.. Loopback, .. (more ?? "").Split(';', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)];

    /// <summary>Every address that the framework's settings name, separated by semicolons: urls, ports alone (which means every network), and endpoints.</summary>
    public static string Configured(IConfiguration settings) => string.Join(';', [
        settings["urls"], .. new[] { "http_ports", "https_ports" }.Select(ports => settings[ports] is { Length: > 0 } all ? $"http://*:{all.Replace(";", ";http://*:", StringComparison.Ordinal)}" : null),
        .. settings.GetSection("Kestrel:Endpoints").GetChildren().Select(e => e["Url"])]);

    /// <summary>Why the service must not start there; null when it may.</summary>
    /// <param name="urls">Addresses to listen at, separated by semicolons; none for the usual, which is loopback.</param>
    public static Problem? Refusal(string? urls, string? guarded)
    {
        var open = (urls ?? "").Split(';', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries).FirstOrDefault(u => !IsLoopback(u));
        return open is null || guarded == "yes" ? null : Problem.Of("address", ProblemCode.OpenAddress, ("address", open), ("setting", Guarded));
    }

    /// <summary>Whether a name is one by which this computer calls itself.</summary>
    public static bool IsLoopbackName(string host) => Loopback.Contains(host, StringComparer.OrdinalIgnoreCase);

    /// <summary>Whether a request comes from this computer, by one of its own names, and through nothing that passes requests on.</summary>
    public static bool IsHere(HttpRequest request) =>
        (request.HttpContext.Connection.RemoteIpAddress is not { } from || IPAddress.IsLoopback(from))
        && IsLoopbackName(request.Host.Host)
        && !request.Headers.Keys.Any(h => h.StartsWith("X-Forwarded-", StringComparison.OrdinalIgnoreCase) || h.StartsWith("X-Original-", StringComparison.OrdinalIgnoreCase)
            || h.Equals("Forwarded", StringComparison.OrdinalIgnoreCase) || h.Equals("Via", StringComparison.OrdinalIgnoreCase));

    private static bool IsLoopback(string url) =>
        BindingAddress.Parse(url).Host is var host && (host == "localhost" || IPAddress.TryParse(host.Trim('[', ']'), out var ip) && IPAddress.IsLoopback(ip));
}
