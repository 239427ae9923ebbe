using System.Text;
using System.Text.Json;

namespace Datura.Documents;

/// <summary>Finds the line of a value in JSON text from its pointer (RFC 6901).</summary>
internal static class JsonLines
{
    /// <returns>Line from 1; the line of the nearest parent when the value itself is missing.</returns>
    public static int Of(string text, string pointer)
    {
        var wanted = pointer.Split('/', StringSplitOptions.RemoveEmptyEntries);
        var bytes = Encoding.UTF8.GetBytes(text);
        var reader = new Utf8JsonReader(bytes, new() { CommentHandling = JsonCommentHandling.Skip });
        var at = 0L;
        reader.Read();
        foreach (var token in wanted)
        {
            if (!Enter(ref reader, token.Replace("~1", "/").Replace("~0", "~"), ref at))
            {
                break;
            }
        }

        return 1 + bytes.AsSpan(0, (int)at).Count((byte)'\n');
    }

    // Moves the reader from the start of an object or array onto one of its members.
    private static bool Enter(ref Utf8JsonReader reader, string token, ref long at)
    {
        if (reader.TokenType == JsonTokenType.StartObject)
        {
            while (reader.Read() && reader.TokenType == JsonTokenType.PropertyName)
            {
                var match = reader.GetString() == token;
                reader.Read();
                if (match)
                {
                    at = reader.TokenStartIndex;
                    return true;
                }

                reader.Skip();
            }
        }
        else if (reader.TokenType == JsonTokenType.StartArray && int.TryParse(token, out var index))
        {
            for (var k = 0; reader.Read() && reader.TokenType != JsonTokenType.EndArray; k++)
            {
                if (k == index)
                {
                    at = reader.TokenStartIndex;
                    return true;
                }

                reader.Skip();
            }
        }

        return false;
    }
}
