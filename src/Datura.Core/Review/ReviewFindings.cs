namespace Datura.Core.Review;

/// <summary>What is worth saying of a finished face, the worst first. A thing is said when it is larger than a viewer would let pass and larger than twice what it may be off (limits by judgement, checked by planted faults).</summary>
internal static class ReviewFindings
{
    public const double LeastMm = 2.5;
    public const double LeastSize = 0.10;
    private const double LeastTurnDeg = 8;
    private const double LeastDeltaE = 5;
    private const double LeastSideMm = 3;
    private const double LeastSideSize = 0.13;
    private const double LeastUneven = 4;
    private const double LeastBareShare = 0.12;
    private const double MissingPresent = 0.3;
    private const double HardEdgeMm = 4;
    private const double SoftEdgeMm = 7;
    private const double Sure = 2;
    private const int LeastLines = 6;

    // Where less of an outline is found, something else was found in its place.
    private const double LeastOutline = 0.5;

    // Half a minute to wipe a figure off and let the skin dry, half to go along an edge (common practice).
    private const double WipeMinutes = 0.5;
    private const double BlendMinutes = 0.5;

    public static IReadOnlyList<ReviewFinding> Of(PlannedLook look, IReadOnlyList<ReviewedFigure> figures)
    {
        var minutes = look.Plan.Parts.ToDictionary(p => p.Id, p => p.Seconds / 60 / Math.Max(1, figures.Count(f => f.Figure.PartId == p.Id)));
        var all = figures.SelectMany(f => Single(f, minutes.GetValueOrDefault(f.Figure.PartId))).ToList();
        var missing = all.Where(f => f.Kind == FindingKind.Missing).Select(f => (f.PartId, f.Side)).ToHashSet();
        foreach (var pair in figures.Where(f => f.Figure.Side == Side.Left))
        {
            var right = figures.FirstOrDefault(f => f.Figure.PartId == pair.Figure.PartId && f.Figure.Side == Side.Right);
            if (right is not null && !missing.Contains((pair.Figure.PartId, Side.Left)) && !missing.Contains((pair.Figure.PartId, Side.Right)))
            {
                all.AddRange(Pair(pair, right, minutes.GetValueOrDefault(pair.Figure.PartId)));
            }
        }

        // Off its place and off the other side is one slip: it is told once, as it shows most.
        return [.. all.OrderByDescending(f => f.Weight).DistinctBy(f => (f.PartId, f.Side, Slip(f.Kind)))];
    }

    private static FindingKind Slip(FindingKind kind) => kind switch
    {
        FindingKind.SideHigher or FindingKind.SideFartherOut => FindingKind.Moved,
        FindingKind.SideLarger => FindingKind.Size,
        FindingKind.SideColour => FindingKind.Colour,
        _ => kind,
    };

    private static IEnumerable<ReviewFinding> Single(ReviewedFigure figure, double minutes)
    {
        var (f, shift, colour) = (figure.Figure, figure.Shift, figure.Colour);
        if (f.PartId == ReviewFigures.BareSkin)
        {
            yield break;
        }

        ReviewFinding Found(FindingKind kind, double amount, double sd, double least, RemarkCode words, RemarkCode mending, double mendingMinutes, params (string, object)[] values) => new(
            kind, f.PartId, f.Side, amount, 1.28 * sd, Math.Abs(amount) / least * Seen(f), f.Middle,
            Remark.Of(words, [("part", f.Name), .. values]).Sentence, Remark.Of(mending, ("part", f.Name)).Sentence, Math.Max(0.5, Math.Round(2 * mendingMinutes) / 2));

        if (colour is { Present: < MissingPresent and var present } && !f.IsBase)
        {
            yield return Found(FindingKind.Missing, 100 * (1 - present), 15, 12, RemarkCode.ReviewMissing, RemarkCode.MendPaint, minutes);
            yield break;
        }

        if (shift is { Lines: >= LeastLines } && figure.OutlineSeen >= LeastOutline)
        {
            var length = Math.Sqrt(shift.OutMm * shift.OutMm + shift.UpMm * shift.UpMm);
            var sd = length > 0 ? Math.Sqrt(Math.Pow(shift.SdOutMm * shift.OutMm / length, 2) + Math.Pow(shift.SdUpMm * shift.UpMm / length, 2)) : 1;
            if (length > LeastMm && length > Sure * sd)
            {
                yield return Found(FindingKind.Moved, length, sd, LeastMm, RemarkCode.ReviewMoved, RemarkCode.MendMove, WipeMinutes + minutes,
                    ("mm", Math.Round(length, 1)), ("way", Way(f, shift)), ("plusMinus", Math.Round(1.28 * sd, 1)));
            }

            if (Math.Abs(shift.Larger) > LeastSize && Math.Abs(shift.Larger) > Sure * shift.SdLarger)
            {
                yield return Found(FindingKind.Size, 100 * shift.Larger, 100 * shift.SdLarger, 100 * LeastSize, shift.Larger > 0 ? RemarkCode.ReviewLarger : RemarkCode.ReviewSmaller,
                    shift.Larger > 0 ? RemarkCode.MendShrink : RemarkCode.MendGrow, shift.Larger > 0 ? WipeMinutes + minutes / 2 : minutes / 2,
                    ("percent", Math.Round(100 * Math.Abs(shift.Larger))), ("plusMinus", Math.Round(128 * shift.SdLarger)));
            }

            if (Math.Abs(shift.TurnedDeg) > LeastTurnDeg && Math.Abs(shift.TurnedDeg) > Sure * shift.SdTurnedDeg)
            {
                yield return Found(FindingKind.Turned, shift.TurnedDeg, shift.SdTurnedDeg, LeastTurnDeg, RemarkCode.ReviewTurned, RemarkCode.MendMove, WipeMinutes + minutes,
                    ("deg", Math.Round(Math.Abs(shift.TurnedDeg))), ("way", shift.TurnedDeg > 0 ? "against the clock" : "with the clock"));
            }
        }

        if (colour is { Spots: >= 5 } && colour.DeltaE > LeastDeltaE && colour.DeltaE > Sure * colour.SdDeltaE)
        {
            yield return Found(FindingKind.Colour, colour.DeltaE, colour.SdDeltaE, LeastDeltaE, RemarkCode.ReviewColour, colour.Lighter > 0 ? RemarkCode.MendDarker : RemarkCode.MendLighter, minutes * 0.6,
                ("deltaE", Math.Round(colour.DeltaE, 1)), ("way", Off(colour)));
        }

        if (f.IsBase && colour is { Spots: >= 20 })
        {
            if (colour.BareShare > LeastBareShare)
            {
                yield return Found(FindingKind.Holes, f.SeenCm2 * colour.BareShare, f.SeenCm2 * 0.05, f.SeenCm2 * LeastBareShare, RemarkCode.ReviewHoles, RemarkCode.MendCoat, minutes * 0.5,
                    ("cm2", Math.Round(f.SeenCm2 * colour.BareShare, 1)));
            }
            else if (colour.Uneven > LeastUneven)
            {
                yield return Found(FindingKind.Uneven, colour.Uneven, 1, LeastUneven, RemarkCode.ReviewUneven, RemarkCode.MendCoat, minutes * 0.5, ("deltaE", Math.Round(colour.Uneven, 1)));
            }
        }

        if (f.IsBase && figure is { EdgeMm: { } edge and < HardEdgeMm, PlannedEdgeMm: > SoftEdgeMm and var planned } && f.Lines.Any(l => l.Zone is Zone.Jaw or Zone.UnderJaw or Zone.NeckFront or Zone.NeckSide))
        {
            yield return Found(FindingKind.HardEdge, edge, 1, HardEdgeMm / 2, RemarkCode.ReviewHardEdge, RemarkCode.MendBlend, BlendMinutes, ("mm", Math.Round(edge, 1)), ("planned", Math.Round(planned)));
        }
    }

    private static IEnumerable<ReviewFinding> Pair(ReviewedFigure left, ReviewedFigure right, double minutes)
    {
        var f = left.Figure;
        ReviewFinding Found(FindingKind kind, double amount, double sd, double least, Side wrong, RemarkCode words, RemarkCode mending, double mendingMinutes, params (string, object)[] values)
        {
            var at = wrong == Side.Left ? left.Figure : right.Figure;
            return new(kind, f.PartId, wrong, amount, 1.28 * sd, Math.Abs(amount) / least * Seen(f), at.Middle,
                Remark.Of(words, [("part", f.Label), ("side", ReviewFigure.Word(wrong)), ("other", ReviewFigure.Word(wrong == Side.Left ? Side.Right : Side.Left)), .. values]).Sentence,
                Remark.Of(mending, ("part", at.Name)).Sentence, Math.Max(0.5, Math.Round(2 * mendingMinutes) / 2));
        }

        if (left is { Shift: { Lines: >= LeastLines } l, OutlineSeen: >= LeastOutline } && right is { Shift: { Lines: >= LeastLines } r, OutlineSeen: >= LeastOutline })
        {
            var (up, sdUp) = (l.UpMm - r.UpMm, Math.Sqrt(l.SdUpMm * l.SdUpMm + r.SdUpMm * r.SdUpMm));
            if (Math.Abs(up) > LeastSideMm && Math.Abs(up) > Sure * sdUp)
            {
                // The one that is off its place is the wrong one.
                var wrong = Math.Abs(l.UpMm) > Math.Abs(r.UpMm) ? Side.Left : Side.Right;
                var higher = wrong == Side.Left == up > 0;
                yield return Found(FindingKind.SideHigher, up, sdUp, LeastSideMm, wrong, RemarkCode.ReviewSideHigher, RemarkCode.MendMove, WipeMinutes + minutes,
                    ("mm", Math.Round(Math.Abs(up), 1)), ("way", higher ? "higher" : "lower"), ("plusMinus", Math.Round(1.28 * sdUp, 1)));
            }

            var (outwards, sdOut) = (l.OutMm + r.OutMm, Math.Sqrt(l.SdOutMm * l.SdOutMm + r.SdOutMm * r.SdOutMm));
            if (Math.Abs(outwards) > LeastSideMm && Math.Abs(outwards) > Sure * sdOut)
            {
                var wrong = Math.Abs(l.OutMm) > Math.Abs(r.OutMm) ? Side.Left : Side.Right;
                var farther = wrong == Side.Left ? l.OutMm > 0 : r.OutMm < 0;
                yield return Found(FindingKind.SideFartherOut, outwards, sdOut, LeastSideMm, wrong, RemarkCode.ReviewSideFartherOut, RemarkCode.MendMove, WipeMinutes + minutes,
                    ("mm", Math.Round(Math.Abs(outwards), 1)), ("way", farther ? "farther from" : "nearer to"), ("plusMinus", Math.Round(1.28 * sdOut, 1)));
            }

            var (larger, sdLarger) = (l.Larger - r.Larger, Math.Sqrt(l.SdLarger * l.SdLarger + r.SdLarger * r.SdLarger));
            if (Math.Abs(larger) > LeastSideSize && Math.Abs(larger) > Sure * sdLarger)
            {
                var wrong = Math.Abs(l.Larger) > Math.Abs(r.Larger) ? Side.Left : Side.Right;
                var isLarger = wrong == Side.Left == larger > 0;
                yield return Found(FindingKind.SideLarger, 100 * larger, 100 * sdLarger, 100 * LeastSideSize, wrong, RemarkCode.ReviewSideLarger, isLarger ? RemarkCode.MendShrink : RemarkCode.MendGrow, minutes / 2,
                    ("percent", Math.Round(100 * Math.Abs(larger))), ("way", isLarger ? "larger" : "smaller"), ("plusMinus", Math.Round(128 * sdLarger)));
            }
        }

        if (left.Colour is { Spots: >= 5 } a && right.Colour is { Spots: >= 5 } b)
        {
            // Both were planned alike or not; what counts is how differently they came out.
            var delta = ColourDifference.DeltaE00(a.Seen, b.Seen) - ColourDifference.DeltaE00(a.Planned, b.Planned);
            var sd = Math.Sqrt(a.SdDeltaE * a.SdDeltaE + b.SdDeltaE * b.SdDeltaE);
            if (delta > LeastDeltaE + 1 && delta > Sure * sd)
            {
                var wrong = a.DeltaE > b.DeltaE ? Side.Left : Side.Right;
                var darker = wrong == Side.Left == a.Lighter < b.Lighter;
                yield return Found(FindingKind.SideColour, delta, sd, LeastDeltaE, wrong, RemarkCode.ReviewSideColour, darker ? RemarkCode.MendLighter : RemarkCode.MendDarker, minutes * 0.6,
                    ("deltaE", Math.Round(delta, 1)), ("way", darker ? "darker" : "lighter"));
            }
        }
    }

    // A large figure is seen before a small one.
    private static double Seen(ReviewFigure f) => Math.Clamp(Math.Sqrt(f.SeenCm2), 0.7, 4);

    private static string Way(ReviewFigure f, FigureShift shift)
    {
        var ways = new List<string>();
        if (Math.Abs(shift.UpMm) > 0.4 * Math.Abs(shift.OutMm))
        {
            ways.Add(shift.UpMm > 0 ? "higher" : "lower");
        }

        if (Math.Abs(shift.OutMm) > 0.4 * Math.Abs(shift.UpMm))
        {
            ways.Add(f.Side == Side.Middle ? shift.OutMm > 0 ? "to the wearer's left" : "to the wearer's right" : shift.OutMm > 0 == (f.Side == Side.Left) ? "farther out" : "farther in");
        }

        return string.Join(" and ", ways);
    }

    private static string Off(FigureColour c)
    {
        var chroma = c.Seen.Chroma() - c.Planned.Chroma();
        var hue = Math.Sqrt(Math.Max(0, Math.Pow(c.Seen.A - c.Planned.A, 2) + Math.Pow(c.Seen.B - c.Planned.B, 2) - chroma * chroma));
        return Math.Abs(c.Lighter) >= Math.Max(Math.Abs(chroma), hue) ? c.Lighter > 0 ? "lighter" : "darker"
            : Math.Abs(chroma) > hue ? chroma > 0 ? "more vivid" : "greyer" : "of another hue";
    }
}
