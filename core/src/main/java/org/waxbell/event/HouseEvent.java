package org.waxbell.event;

import java.util.Map;
import java.util.Optional;

/** Something that happened in the house rather than in chat or on a channel: nobody in particular did it and no link waits for an answer. */
public sealed interface HouseEvent extends ShowEvent {
    @Override
    default Optional<Viewer> by() {
        return Optional.empty();
    }

    @Override
    default Optional<String> link() {
        return Optional.empty();
    }

    @Override
    default Map<String, String> values() {
        return Map.of();
    }

    /** The host pressed Hush: stop everything that is on air now and drop what waits. */
    record HushPulled() implements HouseEvent {
        @Override
        public String kind() {
            return "hush";
        }

        @Override
        public String sentence() {
            return "Hush";
        }
    }

    /** A cue's own button or key was pressed. @param control what was pressed, in words */
    record HandPulled(String cue, String control) implements HouseEvent {
        @Override
        public String kind() {
            return "hand";
        }

        @Override
        public String sentence() {
            return "pressed " + control;
        }
    }

    /** A secret address was called. @param hook its name @param text what the caller sent, cleaned, may be empty text */
    record WebCalled(String hook, String text) implements HouseEvent {
        @Override
        public String kind() {
            return "webCall";
        }

        @Override
        public String sentence() {
            return "web call " + hook + (text.isEmpty() ? "" : ": " + text);
        }

        @Override
        public Map<String, String> values() {
            return Map.of("hookName", hook, "hookText", text);
        }
    }

    /**
     * A target stands another way now.
     *
     * @param byHand whether a person changed it; false where it is a report of how it stands, or our own switching told back
     */
    record Switched(Target target, String value, boolean byHand) implements HouseEvent {
        @Override
        public String kind() {
            return target.kind() == Target.Kind.SCENE ? "scene" : "switched";
        }

        @Override
        public String sentence() {
            return target.inWords() + " is " + value + (byHand ? " by hand" : "");
        }

        @Override
        public Map<String, String> values() {
            return target.kind() == Target.Kind.SCENE
                    ? Map.of("sceneName", value)
                    : Map.of("targetName", target.name(), "targetValue", value);
        }
    }

    /** The mixer streams from now on, or no longer; where there is no mixer the host says so. */
    record AirChanged(boolean onAir) implements HouseEvent {
        @Override
        public String kind() {
            return onAir ? "airOn" : "airOff";
        }

        @Override
        public String sentence() {
            return onAir ? "on air" : "off air";
        }
    }

    /** A show opens, or the one that is open closes. */
    record ShowMoved(boolean open) implements HouseEvent {
        @Override
        public String kind() {
            return open ? "showOpened" : "showClosed";
        }

        @Override
        public String sentence() {
            return open ? "the show opens" : "the show closes";
        }
    }

    /** Something that a desk ran is over. @param name which one @param result what came of it, may be empty text */
    record DeskEnded(Desk desk, String name, String result) implements HouseEvent {
        /** The desks that tell of an end. */
        public enum Desk {
            /** A countdown reached its end. */
            CLOCK("clockEnded", "the clock %s ended"),
            /** A tune was played to its end. */
            TUNE("tuneEnded", "the tune %s ended"),
            /** A task was done. */
            TASK("taskDone", "the task %s is done"),
            /** A wheel came to rest. */
            WHEEL("wheelStopped", "the wheel %s stopped");

            private final String kind;
            private final String words;

            Desk(String kind, String words) {
                this.kind = kind;
                this.words = words;
            }
        }

        @Override
        public String kind() {
            return desk.kind;
        }

        @Override
        public String sentence() {
            return String.format(desk.words, name) + (result.isEmpty() ? "" : ": " + result);
        }

        @Override
        public Map<String, String> values() {
            return Map.of("deskName", name, "deskResult", result);
        }
    }

    /** A number of the slate moved. @param value id of the value */
    record ValueMoved(String value, long before, long now) implements HouseEvent {
        @Override
        public String kind() {
            return "value";
        }

        @Override
        public String sentence() {
            return value + " went from " + before + " to " + now;
        }

        @Override
        public Map<String, String> values() {
            return Map.of("valueName", value, "valueNow", Long.toString(now), "valueBefore", Long.toString(before));
        }

        @Override
        public Map<String, Long> numbers() {
            return Map.of("valueNow", now, "valueBefore", before);
        }
    }

    /** A person ended a ring that played, or skipped one that waited. @param ring its number @param name of its cue */
    record Stopped(long ring, String name) implements HouseEvent {
        @Override
        public String kind() {
            return "stopped";
        }

        @Override
        public String sentence() {
            return "stopped " + name;
        }
    }

    /** A person wrote on the slate. @param value id of the value @param person whose it is, empty text for the channel's */
    record SlateWritten(String value, String person, String text) implements HouseEvent {
        @Override
        public String kind() {
            return "slate";
        }

        @Override
        public String sentence() {
            return value + " on the slate is set to " + text + " by hand";
        }
    }

    /** A person put everything back into a wheel. */
    record WheelFilled(String stage, String wheel) implements HouseEvent {
        @Override
        public String kind() {
            return "wheelFilled";
        }

        @Override
        public String sentence() {
            return "everything is in the wheel " + wheel + " again";
        }
    }

    /** A cue's time has come. @param pull which of its pulls, counted from 0 @param words what came, such as {@code every 10 min} */
    record TimeCame(String cue, int pull, String words) implements HouseEvent {
        @Override
        public String kind() {
            return "time";
        }

        @Override
        public String sentence() {
            return words;
        }
    }
}
