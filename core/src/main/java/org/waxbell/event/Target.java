package org.waxbell.event;

/**
 * Something outside or within the house that stands one way until it is switched, and that can be put back.
 *
 * @param kind what it is
 * @param name which one, such as the name of a lamp; empty text where there is only one
 */
public record Target(Kind kind, String name) {
    /** The kinds of target. */
    public enum Kind {
        /** The scene on programme; its value is the name of a scene. */
        SCENE("the scene"),
        /** A source of the mixer; its value is {@code shown} or {@code hidden}. */
        SOURCE("the source"),
        /** A lamp; its value is {@code off} or a colour. */
        LAMP("the lamp"),
        /** A rack of cues; its value is {@code on} or {@code off}. */
        RACK("the rack");

        private final String words;

        Kind(String words) {
            this.words = words;
        }
    }

    /** How a sentence names it: {@code the lamp Bench}. */
    public String inWords() {
        return name.isEmpty() ? kind.words : kind.words + " " + name;
    }
}
