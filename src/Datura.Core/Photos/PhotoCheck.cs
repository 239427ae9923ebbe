namespace Datura.Core.Photos;

/// <summary>Refuses what cannot be a photo of a face, in words.</summary>
internal static class PhotoCheck
{
    /// <summary>Fewer do not tell how a head stands.</summary>
    public const int LeastPoints = 8;

    // Beyond this a card's corners say little of its size, degrees.
    private const double MostCardDeg = 60;

    private const double LeastCardPx = 25;

    /// <exception cref="InputException">Says which photo or point, and what to do.</exception>
    public static void Check(IReadOnlyList<FacePhoto> photos)
    {
        if (photos is not { Count: >= 1 and <= FacePhoto.MostPhotos })
        {
            throw new InputException("photos", ProblemCode.PhotoCount, ("most", FacePhoto.MostPhotos));
        }

        for (var k = 0; k < photos.Count; k++)
        {
            Check(photos[k], $"photos[{k}]", k + 1);
        }
    }

    private static void Check(FacePhoto photo, string field, int number)
    {
        if (photo is null || !(photo.WidthPx is >= 100 and <= FacePhoto.MostPx) || !(photo.HeightPx is >= 100 and <= FacePhoto.MostPx)
            || photo.FocalPx is { } f && !(f >= 0.2 * Math.Max(photo.WidthPx, photo.HeightPx) && f <= 40 * Math.Max(photo.WidthPx, photo.HeightPx))
            || photo.IrisPx is { } iris && !(iris is >= 3 and <= 2_000))
        {
            throw new InputException(field, ProblemCode.PhotoSize, ("photo", number));
        }

        if (photo.Points is null || photo.Points.Count > FacePhoto.MostPoints)
        {
            throw new InputException($"{field}.points", ProblemCode.PhotoFewPoints, ("photo", number), ("least", LeastPoints));
        }

        foreach (var point in photo.Points)
        {
            if (point is null || PhotoPlaces.Find(point.Place ?? "") is null)
            {
                throw new InputException($"{field}.points", ProblemCode.PhotoNoSuchPlace, ("photo", number), ("place", point?.Place ?? ""));
            }

            if (!(Math.Abs(point.X) <= 2 * FacePhoto.MostPx) || !(Math.Abs(point.Y) <= 2 * FacePhoto.MostPx) || !double.IsFinite(point.Sure))
            {
                throw new InputException($"{field}.points", ProblemCode.PhotoOffPicture, ("photo", number), ("place", PhotoWords.Of(point.Place!)));
            }
        }

        if (photo.Points.DistinctBy(p => p.Place).Count() is var count && (count < photo.Points.Count || count < LeastPoints))
        {
            throw new InputException($"{field}.points", ProblemCode.PhotoFewPoints, ("photo", number), ("least", LeastPoints));
        }

        if (photo.Held is { } held)
        {
            Check(held, photo, $"{field}.held", number);
        }
    }

    private static void Check(HeldThing held, FacePhoto photo, string field, int number)
    {
        var corners = held.Corners;
        if (corners is not { Count: 4 or 8 } || corners.Any(c => !(Math.Abs(c) <= 2 * FacePhoto.MostPx)) || !(held.LongMm is >= 10 and <= 400) || !(held.ShortMm is >= 5 and <= 400)
            || !Enum.IsDefined(held.Against))
        {
            throw new InputException(field, ProblemCode.CardCorners, ("photo", number));
        }

        var (across, down) = (corners[2] - corners[0], corners[3] - corners[1]);
        if (Math.Sqrt(across * across + down * down) < LeastCardPx)
        {
            throw new InputException(field, ProblemCode.CardCorners, ("photo", number));
        }

        if (!held.IsCard)
        {
            return;
        }

        var round = CardCorners.Of(held);
        var (l, w) = (held.LongMm / 2, held.ShortMm / 2);
        var lens = new Lens(photo.WidthPx, photo.HeightPx, photo.FocalPx ?? FaceFromPhotos.UsualFocal * Math.Max(photo.WidthPx, photo.HeightPx));
        var stands = Homography.Of([(-l, -w), (l, -w), (l, w), (-l, w)], round)?.Pose(lens);
        if (stands is null || !Bulges(round))
        {
            throw new InputException(field, ProblemCode.CardCorners, ("photo", number));
        }

        var slant = Math.Acos(Math.Clamp(Math.Abs(stands.Value.Turned.Of(new(0, 0, 1)).Z), 0, 1)) * 180 / Math.PI;
        if (slant > MostCardDeg)
        {
            throw new InputException(field, ProblemCode.CardSlanted, ("photo", number), ("deg", Math.Round(slant)), ("most", MostCardDeg));
        }
    }

    // All four corners stick out.
    private static bool Bulges((double X, double Y)[] c) => Enumerable.Range(0, 4).All(k =>
        (c[(k + 1) % 4].X - c[k].X) * (c[(k + 2) % 4].Y - c[(k + 1) % 4].Y) - (c[(k + 1) % 4].Y - c[k].Y) * (c[(k + 2) % 4].X - c[(k + 1) % 4].X) > 1);
}
