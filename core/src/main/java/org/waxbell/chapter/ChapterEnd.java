package org.waxbell.chapter;

/** When the next chapter is entered. */
public enum ChapterEnd {
    /** By hand, key, chat word or cue alone. */
    HAND("until you go on"),
    /** By itself, when its planned time is up. */
    TIME("and goes on by itself"),
    /** By itself, when its clock is over. */
    CLOCK("until its clock is over");

    private final String words;

    ChapterEnd(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }
}
