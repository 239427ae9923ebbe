using System.ComponentModel.DataAnnotations;
using System.Globalization;
using System.Reflection;

namespace Datura.Web;

/// <summary>
/// What holds for every request whose values could be read, before it waits for anything: bodies are sound (<see cref="SoundBody"/>),
/// texts of the address can be kept, its numbers are numbers and lie where their parameter declares (<see cref="RangeAttribute"/>).
/// </summary>
internal static class ArrivedRequest
{
    private static readonly object Mark = new();

    /// <summary>The group of all routes of the service.</summary>
    public static RouteGroupBuilder MapArrivals(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("");
        group.AddEndpointFilterFactory((route, next) =>
        {
            // What is declared is read once, not with every request.
            var parameters = route.MethodInfo.GetParameters().Select(p => (Name: p.Name!, Range: p.GetCustomAttribute<RangeAttribute>(), Comes: IsRecord(p.ParameterType))).ToArray();
            return context =>
            {
                context.HttpContext.Items[Mark] = true;
                for (var k = 0; k < parameters.Length; k++)
                {
                    var (name, range, comes) = parameters[k];
                    Check(name, range, comes, context.Arguments[k]);
                }

                return next(context);
            };
        });
        return group;
    }

    /// <summary>Whether the values of a request were read: what goes wrong after that is not for want of a readable request.</summary>
    public static bool Arrived(this HttpContext context) => context.Items.ContainsKey(Mark);

    private static void Check(string name, RangeAttribute? range, bool comes, object? value)
    {
        if (value is string text)
        {
            SoundBody.CheckText(text, name, Limits.LongestNotes);
        }
        else if (value is double or int && Convert.ToDouble(value, CultureInfo.InvariantCulture) is var number)
        {
            var (least, most) = range is null ? (double.MinValue, double.MaxValue)
                : (Convert.ToDouble(range.Minimum, CultureInfo.InvariantCulture), Convert.ToDouble(range.Maximum, CultureInfo.InvariantCulture));
            if (!(number >= least && number <= most))
            {
                throw range is null ? new InputException(name, ProblemCode.AddressNumber, ("name", name))
                    : new InputException(name, ProblemCode.AddressRange, ("name", name), ("least", least), ("most", most));
            }
        }
        else if (comes && value is not null)
        {
            SoundBody.Check(value);
        }
    }

    // What comes in is a record, what serves is none; records have a method that clones them.
    private static bool IsRecord(Type declared) => declared.GetMethod("<Clone>$") is not null;
}
