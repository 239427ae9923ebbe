using Dapper;
using Npgsql;

namespace Datura.Store.Accounts;

/// <summary>The keys that all copies of the service share.</summary>
public sealed class KeyRing(NpgsqlDataSource source)
{
    public IReadOnlyList<string> All()
    {
        using var db = source.OpenConnection();
        return [.. db.Query<string>("select xml from key_ring order by name")];
    }

    public void Add(string name, string xml)
    {
        using var db = source.OpenConnection();
        db.Execute("insert into key_ring (name, xml) values (@name, @xml) on conflict (name) do nothing", new { name, xml });
    }
}
