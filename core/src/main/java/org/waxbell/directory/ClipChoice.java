package org.waxbell.directory;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Which clip of a broadcaster is shown.
 *
 * @param order      {@link Order}
 * @param days       not older than so many days, 0 for any age
 * @param leastViews seen at least so often
 * @param longestMs  at most so long, in milliseconds
 */
public record ClipChoice(Order order, int days, long leastViews, long longestMs) {
    private static final long DAY = 86_400_000;
    private static final List<String> PLACES = List.of("first", "second", "third", "fourth", "fifth");

    /** Which of those that fit. */
    public enum Order {
        /** No clip is wanted. */
        NONE,
        /** The one that was made last. */
        NEWEST,
        /** The one that was seen most. */
        MOST_SEEN,
        /** Any, drawn. */
        ANY
    }

    /** What came of it. @param clip empty where none fits @param why in words, as the end of a sentence */
    public record Picked(Optional<TheirClip> clip, String why) {}

    /**
     * Picks one. Ties go to the one that stands first by its id, so the same clips and the same draw give the same.
     *
     * @param all    theirs
     * @param lately ids of those that were shown last; they are passed over while another fits
     * @param now    milliseconds since 1970 UTC
     * @param draw   a draw of the ring, 0 or more
     */
    public Picked pick(List<TheirClip> all, List<String> lately, long now, long draw) {
        if (all.isEmpty()) {
            return new Picked(Optional.empty(), "they have no clips");
        }
        List<TheirClip> fit = new ArrayList<>(all.stream()
                .filter(clip -> days == 0 || clip.made() > now - days * DAY)
                .filter(clip -> clip.views() >= leastViews && clip.lengthMs() <= longestMs)
                .sorted(Comparator.comparing(TheirClip::id))
                .toList());
        String count = fit.size() + " of " + all.size() + (fit.size() == 1 ? " fits" : " fit");
        if (fit.isEmpty()) {
            return new Picked(Optional.empty(), "none of their " + all.size() + " clips fits");
        }
        List<TheirClip> fresh =
                fit.stream().filter(clip -> !lately.contains(clip.id())).toList();
        List<TheirClip> among = fresh.isEmpty() ? fit : fresh;
        int at = order == Order.ANY ? (int) (draw % among.size()) : 0;
        TheirClip clip = switch (order) {
            case NEWEST ->
                among.stream().max(Comparator.comparingLong(TheirClip::made)).orElseThrow();
            case MOST_SEEN ->
                among.stream().max(Comparator.comparingLong(TheirClip::views)).orElseThrow();
            default -> among.get(at);
        };
        String how = switch (order) {
            case NEWEST -> "took the newest";
            case MOST_SEEN -> "took the one that was seen most";
            default -> "drew the " + (at < PLACES.size() ? PLACES.get(at) : (at + 1) + "th");
        };
        return new Picked(Optional.of(clip), count + ", " + how);
    }
}
