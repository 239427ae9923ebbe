using System.Collections.Concurrent;
using Microsoft.Extensions.Logging;

namespace Datura.Web.Tests;

/// <summary>A log that keeps its lines.</summary>
public sealed class LineLog : ILoggerProvider, ILogger
{
    private readonly ConcurrentQueue<string> lines = new();

    public IReadOnlyList<string> Lines => [.. lines];

    public ILogger CreateLogger(string categoryName) => this;

    public IDisposable? BeginScope<TState>(TState state)
        where TState : notnull => null;

    public bool IsEnabled(LogLevel logLevel) => logLevel >= LogLevel.Information;

    public void Log<TState>(LogLevel logLevel, EventId eventId, TState state, Exception? exception, Func<TState, Exception?, string> formatter) => lines.Enqueue(formatter(state, exception));

    public void Dispose()
    {
    }
}
