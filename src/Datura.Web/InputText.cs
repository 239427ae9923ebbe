using System.Text.Json;
using Datura.Documents;

namespace Datura.Web;

/// <summary>The whole input of a computation as text, under which its result is remembered.</summary>
internal static class InputText
{
    public static string Of<T>(T input) => JsonSerializer.Serialize(input, DaturaJson.Compact);
}
