using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A move on the skin, mm: away from the mid-line (for a part across it, towards the wearer's left) and up; farther than the most a part hangs on something else.</summary>
public readonly record struct Move([property: Range(-80, 80)] double OutMm, [property: Range(-80, 80)] double UpMm);
