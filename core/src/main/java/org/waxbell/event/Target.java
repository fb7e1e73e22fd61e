package org.waxbell.event;

import java.util.List;
import org.waxbell.check.Problems;
import org.waxbell.keys.KeyName;
import org.waxbell.room.LampWish;

/**
 * Something outside or within the house that stands one way until it is switched, and that can be put back.
 *
 * @param kind what it is
 * @param name which one, such as the name of a lamp; empty text where there is only one
 */
public record Target(Kind kind, String name) {
    private static final String ON_OFF = "on|off";
    private static final int LONGEST_NAME = 120;

    /** The kinds of target. */
    public enum Kind {
        /** The scene on programme; its value is the id of a scene. */
        SCENE("the scene", "the scene", "", true, false, ".*", "the id of a scene"),
        /** A source of the mixer, {@code scene/source} or, in every scene where it stands, {@code source}; its value is {@code shown} or {@code hidden}. */
        SOURCE("the source", "a source, shown or hidden", "shown", true, true, "shown|hidden", "shown or hidden"),
        /** A lamp; its value is as {@link LampWish} says. */
        LAMP(
                "the lamp",
                "a lamp",
                "breathe #c8841a",
                false,
                true,
                LampWish.PATTERN,
                "off, on, a colour such as #c8841a or #c8841a 60, breathe #c8841a or blink #c8841a") {
            @Override
            public boolean stillDoes(String wished, String told) {
                return LampWish.stillDoes(wished, told);
            }
        },
        /** A key of this computer, named as {@link KeyName} says; its value is {@code down} or {@code up}. */
        KEY("the key", "a key of the keyboard", "down", false, true, "down|up", "down or up"),
        /** A plug; its value is {@code on} or {@code off}. */
        PLUG("the plug", "a plug", "on", false, true, ON_OFF, "on or off"),
        /** The shutters, which keep strangers from ringing; its value is {@code down} or {@code up}. */
        SHUTTERS("the shutters", "the shutters, for strangers", "down", false, false, "down|up", "down or up"),
        /** A rack of cues; its value is {@code on} or {@code off}. */
        RACK("the rack", "a rack", "on", false, true, ON_OFF, "on or off"),
        /** Where a source stands, named as with SOURCE; its value is left, top, width and height in pixels of the picture. */
        PLACE(
                "the place of",
                "where a source stands",
                "0,0,1280,720",
                true,
                true,
                "-?\\d{1,5},-?\\d{1,5},\\d{1,5},\\d{1,5}",
                "left, top, width and height such as 40,40,320,180"),
        /** The words of a text source; its value is words with values. */
        TEXT("the text of", "the words of a text", "{viewer}", true, true, "[\\s\\S]*", "words"),
        /** How loud a source is, its value is percent. */
        LEVEL("the level of", "how loud a source is", "50", true, true, "\\d|[1-9]\\d|100", "a number from 0 to 100"),
        /** Whether a source is heard; its value is {@code muted} or {@code open}. */
        MUTE("the sound of", "whether a source is heard", "muted", true, true, "muted|open", "muted or open"),
        /** A filter or treatment of a source, {@code source/filter}; its value is {@code on} or {@code off}. */
        FILTER("the filter", "a filter of a source", "on", true, true, ON_OFF, "on or off"),
        /** The stream; its value is {@code on} or {@code off}. */
        STREAM("the stream", "the stream", "on", true, false, ON_OFF, "on or off"),
        /** The recording; its value is {@code on} or {@code off}. */
        RECORDING("the recording", "the recording", "on", true, false, ON_OFF, "on or off");

        private final String words;
        private final String title;
        private final String begins;
        private final boolean mixer;
        private final boolean named;
        private final String allowed;
        private final String remedy;

        Kind(String words, String title, String begins, boolean mixer, boolean named, String allowed, String remedy) {
            this.words = words;
            this.title = title;
            this.begins = begins;
            this.mixer = mixer;
            this.named = named;
            this.allowed = allowed;
            this.remedy = remedy;
        }

        /** As menus offer it. */
        public String title() {
            return title;
        }

        /** How one stands that was just chosen, so that it is never something that it cannot be; empty text where that must be chosen. */
        public String begins() {
            return begins;
        }

        /** The values that one may have, where they are few; empty where they are written. */
        public List<String> choices() {
            return allowed.matches("[a-z]+(\\|[a-z]+)+") ? List.of(allowed.split("\\|")) : List.of();
        }

        /** Whether it is the mixer's. */
        public boolean ofMixer() {
            return mixer;
        }

        /** Whether there are several, so that it needs a name. */
        public boolean needsName() {
            return named;
        }

        /** Whether one of them can stand so. */
        public boolean allows(String value) {
            return value.matches(allowed);
        }

        /** Whether one that was asked to stand as {@code wished} and tells {@code told} still stands as it was asked. */
        public boolean stillDoes(String wished, String told) {
            return wished.equals(told);
        }

        /** Whether it stands so only as long as this program runs, so that nothing outside has to tell how it stands. */
        public boolean ofProgram() {
            return ofEngine() || this == KEY;
        }

        /** Whether the engine keeps it by itself, so that no adapter is told. */
        public boolean ofEngine() {
            return this == RACK || this == SHUTTERS;
        }

        /** How one stands that nobody has switched yet; empty text where only the outside knows. */
        public String rests() {
            return this == KEY || this == SHUTTERS ? "up" : "";
        }

        /** Whether it is of the room. */
        public boolean ofRoom() {
            return this == LAMP || this == PLUG;
        }

        /** What a value of it is, in words. */
        public String allowedInWords() {
            return remedy;
        }
    }

    /** How a sentence names it: {@code the lamp Bench}. */
    public String inWords() {
        return name.isEmpty() ? kind.words : kind.words + " " + name;
    }

    /** Adds why there is no such target, or why it cannot stand so. @param problems at what names the target, in its field {@code target} */
    public void check(String value, Problems problems) {
        Problems named = problems.at("target").at("name");
        if (kind.needsName()) {
            named.text(name, LONGEST_NAME, "The name");
        }
        if (kind == Kind.KEY && !name.isEmpty() && KeyName.of(name).isEmpty()) {
            named.add(name, "There is no such key.", "Write one such as F6, Ctrl+1, Space or ArrowLeft.");
        }
        if (!kind.allows(value)) {
            problems.at("value")
                    .add(value, inWords() + " cannot be switched to that.", "Write " + kind.allowedInWords() + ".");
        }
    }
}
