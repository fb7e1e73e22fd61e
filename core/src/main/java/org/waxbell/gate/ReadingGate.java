package org.waxbell.gate;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.waxbell.condition.Scope;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;
import org.waxbell.voice.Looked;
import org.waxbell.voice.Reading;

/**
 * Looks at what a viewer wrote before it is said aloud. Every cue that says such text has it by itself.
 *
 * @param reading  what is done about what
 * @param written  the values of the event that are said
 * @param earFirst whether the host hears each first
 */
public record ReadingGate(Reading reading, List<String> written, boolean earFirst) implements Gate {
    /** Its name in answers. */
    public static final String NAME = "reading";
    /** The number of an answer that keeps a text out for what was found in it. */
    public static final String KEPT = "keptOut";
    /** The number of an answer that waits for the host. */
    public static final String WAITS = "waitsForHost";

    /** What it says of itself. */
    public static final Kind<Gate> KIND = Kind.<Gate>of(ReadingGate.class, NAME, "it is fit to be said", "Reading")
            .saying("not fit to be said");

    private static final int BEHIND_ALL = 1_000;

    public ReadingGate {
        written = List.copyOf(written);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of("it is fit to be said");
    }

    @Override
    public int order() {
        return BEHIND_ALL;
    }

    @Override
    public Check ready(Scope scope) {
        return this::ask;
    }

    private GateAnswer ask(GateQuery query) {
        Map<String, Object> stands = query.facts().desks(query.person());
        String viewer = query.viewer().map(Viewer::name).orElse("");
        boolean blocked = Arrays.asList(
                        stands.getOrDefault("readingBlocked", "").toString().split("\n"))
                .contains(viewer.toLowerCase(Locale.ROOT));
        if (blocked) {
            return GateAnswer.held(NAME, "nothing is said for " + viewer, Map.of());
        }
        Map<String, String> values = query.event().values();
        String waits = Long.valueOf(1).equals(stands.get("readingPaused"))
                ? "the voice is paused"
                : earFirst ? "you hear it first" : "";
        for (String name : written) {
            String text = values.getOrDefault(name, "");
            if (text.isBlank()) {
                continue;
            }
            Looked looked = Looked.at(text, reading);
            if (looked.held() || looked.asks()) {
                Map<String, Long> numbers = new HashMap<>(looked.numbers());
                numbers.put(looked.held() ? KEPT : WAITS, 1L);
                return GateAnswer.held(NAME, looked.verdict(), numbers);
            }
        }
        return waits.isEmpty()
                ? GateAnswer.pass(NAME, "fit to be said")
                : GateAnswer.held(NAME, "waits for you: " + waits, Map.of(WAITS, 1L));
    }
}
