package org.waxbell.directory;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What is told of somebody who was looked up.
 *
 * @param results by the names that look-ups use
 * @param fault   why a clip that was wanted cannot be shown, as the end of a sentence; empty text where none was wanted or it can
 */
public record Introduced(Map<String, String> results, String fault) {
    public Introduced {
        results = Map.copyOf(results);
    }

    /** Nobody knows them: they are told by the name that was written. @param late whether the directory did not answer in time */
    public static Introduced unknown(String name, boolean late, ClipChoice choice) {
        String why = late ? "the directory did not answer in time" : "the directory does not know " + name;
        return new Introduced(
                Map.of("name", name, "outcome", late ? "late" : "unknown", "why", why),
                choice.order() == ClipChoice.Order.NONE ? "" : why);
    }

    /** They are known, and no clip of theirs is shown. @param why in words, empty text where none was wanted */
    public static Introduced known(Broadcaster who, String why) {
        return new Introduced(told(who, "known", why), why);
    }

    /** They are known, and a clip of theirs is there. @param film its hash among our files */
    public static Introduced with(Broadcaster who, TheirClip clip, String film, String why) {
        Map<String, String> all = new HashMap<>(told(who, "clip", why));
        all.put("clip", film);
        all.put("clipTitle", clip.title());
        all.put("clipMs", Long.toString(clip.lengthMs()));
        return new Introduced(all, "");
    }

    private static Map<String, String> told(Broadcaster who, String outcome, String why) {
        return Map.of(
                "name",
                who.name(),
                "words",
                who.words(),
                "link",
                who.link(),
                "last",
                who.last(),
                "portrait",
                who.portrait(),
                "art",
                who.art(),
                "why",
                why,
                "outcome",
                outcome);
    }

    /** The film's hash; empty where no clip is told. */
    public Optional<String> film() {
        return Optional.ofNullable(results.get("clip")).filter(hash -> !hash.isEmpty());
    }
}
