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
            var parameters = route.MethodInfo.GetParameters();
            return context =>
            {
                context.HttpContext.Items[Mark] = true;
                for (var k = 0; k < parameters.Length; k++)
                {
                    Check(parameters[k], context.Arguments[k]);
                }

                return next(context);
            };
        });
        return group;
    }

    /// <summary>Whether the values of a request were read: what goes wrong after that is not for want of a readable request.</summary>
    public static bool Arrived(this HttpContext context) => context.Items.ContainsKey(Mark);

    private static void Check(ParameterInfo parameter, object? value)
    {
        if (value is string text)
        {
            SoundBody.CheckText(text, parameter.Name!, Limits.LongestNotes);
        }
        else if (value is double or int && Convert.ToDouble(value, CultureInfo.InvariantCulture) is var number)
        {
            var range = parameter.GetCustomAttribute<RangeAttribute>();
            var (least, most) = range is null ? (double.MinValue, double.MaxValue)
                : (Convert.ToDouble(range.Minimum, CultureInfo.InvariantCulture), Convert.ToDouble(range.Maximum, CultureInfo.InvariantCulture));
            if (!(number >= least && number <= most))
            {
                throw range is null ? new InputException(parameter.Name!, ProblemCode.AddressNumber, ("name", parameter.Name!))
                    : new InputException(parameter.Name!, ProblemCode.AddressRange, ("name", parameter.Name!), ("least", least), ("most", most));
            }
        }
        else if (IsRecord(value))
        {
            SoundBody.Check(value!);
        }
    }

    // What comes in is a record, what serves is none; records have a method that clones them.
    private static bool IsRecord(object? argument) => argument?.GetType().GetMethod("<Clone>$") is not null;
}
