package org.waxbell.engine;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.waxbell.directive.RunScript;
import org.waxbell.event.Identity;
import org.waxbell.score.Draws;
import org.waxbell.shelf.Media;
import org.waxbell.state.Memory;

/**
 * The one source of chance: every draw is a hash of seed, cue, number of the ring and purpose, so that one more cue does
 * not change the draws of the others. The hash is that of {@link Identity}.
 */
final class Chance implements Handler {
    private final long seed;
    private final Map<String, String> last;

    Chance(long seed, Map<String, String> last) {
        this.seed = seed;
        this.last = new HashMap<>(last);
    }

    @Override
    public void save(Memory memory) {
        last.forEach((key, name) -> memory.put(Books.DRAWN, key, name));
    }

    /** What chance gives a cue for a decision, 0 to 99. */
    int roll(String cueId, long decision) {
        return (int) Long.remainderUnsigned(hash(cueId + "/chance", decision), 100);
    }

    /** A number from 0 up to, not with, {@code bound}, for a ring of a cue. */
    int below(String cueId, String purpose, long ring, int bound) {
        return (int) Long.remainderUnsigned(hash(cueId + "/" + purpose, ring), bound);
    }

    /** What a script draws by chance is drawn from the evening's own. */
    RunScript drawn(RunScript run) {
        return run.drawn(below("script", run.partRun(), run.meantFor(), Integer.MAX_VALUE));
    }

    /** What was chosen last for {@code purpose} of a cue, empty text for nothing yet. */
    String last(String cueId, String purpose) {
        return last.getOrDefault(cueId + "/" + purpose, "");
    }

    /** Notes what was chosen, so that the next choice can differ. */
    void chose(String cueId, String purpose, String name, Turn out) {
        String key = cueId + "/" + purpose;
        last.put(key, name);
        out.changed(Books.DRAWN.put(key, name));
    }

    /** Draws for one ring; what was drawn is noted as {@code part: name}. */
    Draws of(String cueId, long ring, List<String> notes, Turn out) {
        return new Draws() {
            @Override
            public Media draw(String purpose, List<Media> choices) {
                List<Media> fresh = without(choices, last(cueId, purpose));
                Media media = weighed(fresh, cueId, purpose, ring);
                notes.add(purpose + ": " + media.name());
                chose(cueId, purpose, media.name(), out);
                return media;
            }

            @Override
            public int pick(String purpose, int choices) {
                String before = last(cueId, purpose);
                int drawn = below(cueId, purpose, ring, before.isEmpty() ? choices : choices - 1);
                int pick = before.isEmpty() || drawn < Integer.parseInt(before) ? drawn : drawn + 1;
                chose(cueId, purpose, Integer.toString(pick), out);
                return pick;
            }
        };
    }

    /** One of several, each as often as it weighs; where none weighs anything all do alike. */
    private Media weighed(List<Media> choices, String cueId, String purpose, long ring) {
        int all = choices.stream().mapToInt(Media::weight).sum();
        if (all == 0 || choices.stream().allMatch(each -> each.weight() == 1)) {
            return choices.get(below(cueId, purpose, ring, choices.size()));
        }
        int left = below(cueId, purpose, ring, all);
        int at = 0;
        while (left >= choices.get(at).weight()) {
            left -= choices.get(at).weight();
            at++;
        }
        return choices.get(at);
    }

    private static List<Media> without(List<Media> choices, String name) {
        List<Media> rest = new ArrayList<>(choices);
        if (choices.size() > 1) {
            rest.removeIf(media -> media.name().equals(name));
        }
        return rest;
    }

    private long hash(String key, long ring) {
        return Identity.mix(Identity.then(Identity.fold(seed, key), ring));
    }
}
