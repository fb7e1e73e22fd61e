package org.waxbell.chapter;

import java.util.List;

/**
 * An evening as its people see it.
 *
 * @param chapter  the id of the chapter that is on, empty text for none
 * @param name     what it is called
 * @param since    since when, milliseconds since 1970 UTC
 * @param until    until when it is planned to last, milliseconds since 1970 UTC; 0 for as long as it takes
 * @param lateMs   how much later than planned it was entered, in milliseconds; below 0 for earlier
 * @param next     the id of the chapter that follows, empty text for none
 * @param nextName what that is called
 * @param spans    all that is drawn: chapters that are over, the one that is on, those that are to come
 * @param sets     how targets stand by the chapter that is on
 */
public record OrderBoard(
        String chapter,
        String name,
        long since,
        long until,
        long lateMs,
        String next,
        String nextName,
        List<ChapterSpan> spans,
        List<Setting> sets) {
    public OrderBoard {
        spans = List.copyOf(spans);
        sets = List.copyOf(sets);
    }

    /** Whether a chapter is over. */
    public enum When {
        /** It was left. */
        PAST,
        /** It is on. */
        NOW,
        /** It is to come. */
        TO_COME
    }

    /** One chapter on time. @param from and {@code to} milliseconds since 1970 UTC, as they were, or as they are planned from now on; while one runs over, what is to come moves along */
    public record ChapterSpan(String chapter, String name, When when, long from, long to) {}
}
