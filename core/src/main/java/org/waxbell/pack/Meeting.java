package org.waxbell.pack;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.waxbell.check.Problem;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.CuePull;
import org.waxbell.cue.Pull;
import org.waxbell.kind.Records;
import org.waxbell.port.Calendars;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.Circle;
import org.waxbell.wiring.CueCheck;
import org.waxbell.wiring.Wiring;
import org.waxbell.wiring.WiringDocument;

/**
 * A pack beside a wiring into which it comes: where both have the same, and what comes of it once that was decided.
 *
 * @param comes   what is brought after the choices, to be merged
 * @param clashes things of the same id that are not alike
 * @param words   chat words that are taken still
 * @param there   what is there already, and just so
 * @param brings  what is new or takes the place of another
 */
public record Meeting(
        WiringDocument comes, List<Clash> clashes, List<WordClash> words, Set<PackItem> there, Set<PackItem> brings) {
    private static final Pattern WORD = Pattern.compile("pulls\\[(\\d+)]\\.words\\[(\\d+)]");
    private static final int LONGEST_ID = 60;

    /** What comes of a pack's document in that wiring. */
    public static Meeting of(Wiring wiring, WiringDocument pack, Choices choices, Calendars calendars) {
        WiringDocument meant = added(wiring, pack, choices);
        Wiring coming = meant.on(wiring.shelf());
        List<Clash> clashes = new ArrayList<>();
        Set<PackItem> same = new TreeSet<>();
        Set<PackItem> brings = new TreeSet<>();
        Set<PackItem> left = new HashSet<>();
        for (PackItem item : Packing.all(coming)) {
            Object mine = Packing.thing(coming, item).orElseThrow();
            Optional<Object> theirs = Packing.thing(wiring, item);
            if (theirs.isEmpty()) {
                brings.add(item);
            } else if (alike(theirs.get(), mine)) {
                same.add(item);
                left.add(item);
            } else if (item.sort() == PackItem.Sort.STAGE && choices.of(item) == Choices.Way.ADD) {
                // Nothing of it is another then: there is no question.
                brings.add(item);
            } else {
                clashes.add(new Clash(item, Packing.name(coming, item), Packing.name(wiring, item)));
                (stays(item, choices) ? left : brings).add(item);
            }
        }
        WiringDocument comes = settled(wiring, meant, choices, left);
        return new Meeting(comes, clashes, taken(wiring, comes, calendars), same, renamed(wiring, brings, choices));
    }

    /** The pack with stages that are here as they will be where what they lack is added. */
    private static WiringDocument added(Wiring wiring, WiringDocument pack, Choices choices) {
        List<Stage> stages = pack.stages().stream()
                .map(stage -> choices.of(new PackItem(PackItem.Sort.STAGE, stage.id())) == Choices.Way.ADD
                        ? wiring.stage(stage.id())
                                .map(here -> StageShare.added(here, stage))
                                .orElse(stage)
                        : stage)
                .toList();
        return Records.with(pack, Map.of("stages", stages));
    }

    /** Who is in a circle stays at home on both sides. */
    private static boolean alike(Object here, Object comes) {
        return here instanceof Circle mine && comes instanceof Circle theirs
                ? mine.withoutPeople().equals(theirs.withoutPeople())
                : here.equals(comes);
    }

    /** What belongs to the house is never replaced: much else hangs on it. */
    private static boolean stays(PackItem item, Choices choices) {
        return switch (item.sort()) {
            case LOOK, SLATE, CIRCLE -> true;
            case STAGE -> choices.of(item) != Choices.Way.REPLACE && choices.of(item) != Choices.Way.ADD;
            case RACK, DESK -> choices.of(item) != Choices.Way.REPLACE;
            case CUE -> choices.of(item) == Choices.Way.KEEP;
        };
    }

    /** The ids under which cues stand that come beside others. */
    private static Set<PackItem> renamed(Wiring wiring, Set<PackItem> brings, Choices choices) {
        Set<PackItem> all = new TreeSet<>();
        brings.forEach(each -> all.add(
                choices.of(each) == Choices.Way.BESIDE ? new PackItem(each.sort(), free(wiring, each.id())) : each));
        return all;
    }

    private static String free(Wiring wiring, String id) {
        String head = id.substring(0, Math.min(id.length(), LONGEST_ID - 4));
        for (int i = 2; ; i++) {
            String next = head + "-" + i;
            if (wiring.cues().stream().noneMatch(each -> each.id().equals(next))) {
                return next;
            }
        }
    }

    private static WiringDocument settled(Wiring wiring, WiringDocument pack, Choices choices, Set<PackItem> left) {
        Function<String, String> called = id -> choices.of(new PackItem(PackItem.Sort.CUE, id)) == Choices.Way.BESIDE
                        && !left.contains(new PackItem(PackItem.Sort.CUE, id))
                ? free(wiring, id)
                : id;
        return new WiringDocument(
                pack.formatVersion(),
                pack.house(),
                but(pack.racks(), PackItem.Sort.RACK, each -> each.id(), left),
                but(pack.stages(), PackItem.Sort.STAGE, each -> each.id(), left),
                but(pack.desks(), PackItem.Sort.DESK, each -> each.id(), left),
                but(pack.cues(), PackItem.Sort.CUE, Cue::id, left).stream()
                        .map(cue -> cue(cue, choices, called))
                        .toList(),
                List.of());
    }

    private static <T> List<T> but(List<T> all, PackItem.Sort sort, Function<T, String> id, Set<PackItem> left) {
        return all.stream()
                .filter(each -> !left.contains(new PackItem(sort, id.apply(each))))
                .toList();
    }

    private static Cue cue(Cue cue, Choices choices, Function<String, String> called) {
        String id = called.apply(cue.id());
        List<Pull> pulls = new ArrayList<>();
        for (Pull pull : cue.pulls()) {
            if (pull instanceof ChatWordPull chat) {
                List<String> words = chat.words().stream()
                        .map(word -> choices.words().getOrDefault(WordClash.key(id, word), word))
                        .filter(word -> !word.isBlank())
                        .toList();
                if (!words.isEmpty()) {
                    pulls.add(Records.with(chat, Map.of("words", words)));
                }
            } else if (pull instanceof CuePull follows) {
                pulls.add(Records.with(follows, Map.of("cue", called.apply(follows.cue()))));
            } else {
                pulls.add(pull);
            }
        }
        String name = id.equals(cue.id()) ? cue.name() : cue.name() + " (brought)";
        return Records.with(cue, Map.of("id", id, "name", name, "pulls", pulls));
    }

    /** Words of cues that come which the wiring as it then is gives to others. */
    private static List<WordClash> taken(Wiring wiring, WiringDocument comes, Calendars calendars) {
        Wiring after = comes.mergedInto(WiringDocument.of(wiring)).on(wiring.shelf());
        List<WordClash> all = new ArrayList<>();
        for (Cue cue : comes.cues()) {
            for (Problem each : CueCheck.check(after, cue, calendars)) {
                Matcher word = WORD.matcher(each.path());
                if (word.matches() && cue.pulls().get(Integer.parseInt(word.group(1))) instanceof ChatWordPull chat) {
                    all.add(new WordClash(
                            cue.id(), cue.name(), chat.words().get(Integer.parseInt(word.group(2))), each.message()));
                }
            }
        }
        return all;
    }
}
