using Npgsql;

namespace Datura.Web.Tests;

public class DatabasePoolTests
{
    [Theory]
    [InlineData("Host=quay", DatabasePool.Most)]
    [InlineData("Host=quay;Maximum Pool Size=7", 7)]
    [InlineData("Host=quay;MaxPoolSize=7", 7)]
    [InlineData("Host=quay;maximum pool size=100", 100)]
    public void ThePoolHasTheSizeThatWasAskedForOrOneThatTheDatabaseHolds(string connection, int size) =>
        Assert.Equal(size, new NpgsqlConnectionStringBuilder(DatabasePool.Sized(connection)).MaxPoolSize);
}
