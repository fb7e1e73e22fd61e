package org.waxbell.seen;

import java.util.Comparator;
import java.util.List;
import org.waxbell.mixer.MixerPicture.Standing;

/**
 * Whether what rang could be seen and heard.
 *
 * @param says   as a sentence of the journal, such as {@code rang, and was seen}
 * @param remedy how to mend it, empty text where nothing is to mend
 * @param mendable whether placing the stage in the scene on programme, shown and open, mends it
 * @param stage  the id of the stage that it is about, empty text where it is about none
 */
public record Seen(Proof proof, String says, String remedy, boolean mendable, String stage) {
    /** How sure it is, the worst first. */
    public enum Proof {
        /** It was not seen or not heard. */
        MISSED,
        /** That cannot be known. */
        UNKNOWN,
        /** It was seen, and heard where it sounded. */
        SEEN
    }

    /** The worst of what is known of a ring's stages; there is at least one. */
    public static Seen of(List<Sight> sights) {
        return sights.stream()
                .map(Seen::of)
                .min(Comparator.comparing(Seen::proof))
                .orElseThrow();
    }

    static Seen of(Sight sight) {
        if (sight.pages() == 0) {
            return missed(
                    sight,
                    "no page shows the stage " + sight.name(),
                    "Place the stage in the mixer, or open its address.",
                    true);
        }
        if (sight.screen() && !sight.painted()) {
            return missed(sight, "no page painted it", "Reload the browser source; its page may have stopped.", false);
        }
        if (!sight.mixer()) {
            return new Seen(
                    Proof.UNKNOWN,
                    "rang, and a page " + (sight.screen() ? "painted" : "played")
                            + " it; whether viewers saw it is not known",
                    "Connect the mixer, and it can be told.",
                    false,
                    sight.stage());
        }
        if (sight.standing() != Standing.SHOWN) {
            return misplaced(sight);
        }
        return sight.sound() ? heard(sight) : new Seen(Proof.SEEN, "rang, and was seen", "", false, sight.stage());
    }

    private static Seen misplaced(Sight sight) {
        return switch (sight.standing()) {
            case NOWHERE ->
                missed(
                        sight,
                        "no source of the mixer loads the stage " + sight.name(),
                        "Place the stage in a scene.",
                        true);
            case HIDDEN ->
                missed(sight, "the stage is hidden in this scene, " + sight.scene(), "Show its source there.", true);
            default ->
                missed(sight, "the stage is not in this scene, " + sight.scene(), "Place the stage there too.", true);
        };
    }

    private static Seen heard(Sight sight) {
        String seen = sight.screen() ? "rang, and was seen" : "rang";
        return switch (sight.level()) {
            case MOVED -> new Seen(Proof.SEEN, seen + " and heard", "", false, sight.stage());
            case UNKNOWN ->
                new Seen(Proof.UNKNOWN, seen + "; whether it was heard is not known", "", false, sight.stage());
            case MUTED ->
                new Seen(
                        Proof.MISSED,
                        seen + ", but the stage's source is muted in the mixer",
                        "Let it be heard.",
                        true,
                        sight.stage());
            case STILL ->
                new Seen(
                        Proof.MISSED,
                        seen + ", but not heard: the level did not move",
                        "Click once into the page that shows the stage, and look at its level in the mixer.",
                        false,
                        sight.stage());
        };
    }

    /** A part of the ring could not be done. @param part what it was, in words */
    public static Seen failed(String part, String why) {
        return new Seen(Proof.MISSED, "rang, but " + part + " failed: " + why, "", false, "");
    }

    /** The worse of the two. */
    public Seen or(Seen other) {
        return other.proof().compareTo(proof) < 0 ? other : this;
    }

    private static Seen missed(Sight sight, String why, String remedy, boolean mendable) {
        return new Seen(Proof.MISSED, "rang, but " + why, remedy, mendable, sight.stage());
    }
}
