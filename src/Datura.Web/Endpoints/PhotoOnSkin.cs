namespace Datura.Web;

/// <summary>Where every place of the chart lies in a photo, so that the picture can be laid back on the skin: a grid over the chart, row by row from the top.</summary>
/// <param name="LeftMm">x of the first column.</param>
/// <param name="TopMm">y of the first row.</param>
/// <param name="StepMm">Between two of them.</param>
/// <param name="Px">x and y by turns, px.</param>
/// <param name="Facing">How squarely each faces the camera, per cent; 0 where it is not seen.</param>
public sealed record PhotoOnSkin(double LeftMm, double TopMm, double StepMm, int Columns, int Rows, IReadOnlyList<double> Px, IReadOnlyList<int> Facing);
