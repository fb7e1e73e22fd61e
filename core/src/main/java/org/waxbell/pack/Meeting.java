package org.waxbell.pack;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.CuePull;
import org.waxbell.cue.Pull;
import org.waxbell.draft.Ids;
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
 * @param added   ids of spots, outlets and fixtures that stages which are there get, by those
 */
public record Meeting(
        WiringDocument comes,
        List<Clash> clashes,
        List<WordClash> words,
        Set<PackItem> there,
        Set<PackItem> brings,
        Map<String, Set<String>> added) {
    private static final int LONGEST_HEAD = 56;

    /** What comes of a pack's document in that wiring. */
    public static Meeting of(Wiring wiring, WiringDocument pack, Choices choices, Calendars calendars) {
        Map<String, Set<String>> added = new TreeMap<>();
        WiringDocument meant = meant(wiring, pack, choices, added);
        Wiring coming = meant.on(wiring.shelf());
        List<Clash> clashes = new ArrayList<>();
        Set<PackItem> same = new TreeSet<>();
        Set<PackItem> brings = new TreeSet<>();
        for (PackItem item : Packing.all(coming)) {
            Object comes = Packing.thing(coming, item).orElseThrow();
            Optional<Object> here = Packing.thing(wiring, item);
            if (here.isPresent() && alike(here.get(), comes)) {
                same.add(item);
            } else {
                here.filter(each -> !isLacking(each, item, pack))
                        .ifPresent(each -> clashes.add(new Clash(
                                item,
                                Packing.name(coming, item),
                                Packing.name(wiring, item),
                                Choices.ways(item.sort()))));
                if (here.isEmpty() || choices.of(item) != Choices.Way.KEEP) {
                    brings.add(item);
                }
            }
        }
        Map<String, String> called = called(wiring, pack, choices, brings);
        WiringDocument comes = settled(meant, choices, brings, called);
        Set<PackItem> names = new TreeSet<>();
        brings.forEach(each -> names.add(
                each.sort() == PackItem.Sort.CUE
                        ? new PackItem(each.sort(), called.getOrDefault(each.id(), each.id()))
                        : each));
        return new Meeting(comes, clashes, taken(wiring, comes, calendars), same, names, added);
    }

    /** The pack as it is meant here: stages that are here with what they lack, and no cue that may do anything all the same. @param added is told what stages get */
    private static WiringDocument meant(
            Wiring wiring, WiringDocument pack, Choices choices, Map<String, Set<String>> added) {
        List<Stage> stages = new ArrayList<>();
        for (Stage stage : pack.stages()) {
            Optional<Stage> here = wiring.stage(stage.id())
                    .filter(each -> choices.of(new PackItem(PackItem.Sort.STAGE, stage.id())) == Choices.Way.ADD);
            here.map(each -> StageShare.lacking(each, stage))
                    .filter(ids -> !ids.isEmpty())
                    .ifPresent(ids -> added.put(stage.id(), ids));
            stages.add(here.map(each -> StageShare.added(each, stage)).orElse(stage));
        }
        return Records.with(
                pack,
                Map.of(
                        "stages",
                        stages,
                        "cues",
                        pack.cues().stream().map(Packing::unsaid).toList(),
                        "media",
                        List.of()));
    }

    /** Whether something here only lacks what comes, so that there is nothing to decide. */
    private static boolean isLacking(Object here, PackItem item, WiringDocument pack) {
        return here instanceof Stage mine
                && pack.stages().stream().anyMatch(each -> each.id().equals(item.id()) && StageShare.fits(mine, each));
    }

    /** Who is in a circle, and that a cue may ring all the same, stay at home on both sides. */
    private static boolean alike(Object here, Object comes) {
        if (here instanceof Circle mine && comes instanceof Circle theirs) {
            return mine.withoutPeople().equals(theirs.withoutPeople());
        }
        return here instanceof Cue mine ? Packing.unsaid(mine).equals(comes) : here.equals(comes);
    }

    /** The ids of cues that come beside others, by those that they had. */
    private static Map<String, String> called(
            Wiring wiring, WiringDocument pack, Choices choices, Set<PackItem> brings) {
        Set<String> taken = new HashSet<>();
        wiring.cues().forEach(each -> taken.add(each.id()));
        pack.cues().forEach(each -> taken.add(each.id()));
        Map<String, String> called = new HashMap<>();
        for (PackItem item : brings) {
            boolean here = wiring.cues().stream().anyMatch(each -> each.id().equals(item.id()));
            if (item.sort() == PackItem.Sort.CUE && here && choices.of(item) == Choices.Way.BESIDE) {
                String head = item.id().substring(0, Math.min(item.id().length(), LONGEST_HEAD));
                String free = Ids.free(head, taken);
                taken.add(free);
                called.put(item.id(), free);
            }
        }
        return called;
    }

    private static WiringDocument settled(
            WiringDocument pack, Choices choices, Set<PackItem> brings, Map<String, String> called) {
        return Records.with(
                pack,
                Map.of(
                        "racks", Packing.kept(pack.racks(), brings, PackItem.Sort.RACK, each -> each.id()),
                        "stages", Packing.kept(pack.stages(), brings, PackItem.Sort.STAGE, each -> each.id()),
                        "desks", Packing.kept(pack.desks(), brings, PackItem.Sort.DESK, each -> each.id()),
                        "cues",
                                Packing.kept(pack.cues(), brings, PackItem.Sort.CUE, Cue::id).stream()
                                        .map(cue -> cue(cue, choices, called))
                                        .toList()));
    }

    private static Cue cue(Cue cue, Choices choices, Map<String, String> called) {
        String id = called.getOrDefault(cue.id(), cue.id());
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
                pulls.add(Records.with(follows, Map.of("cue", called.getOrDefault(follows.cue(), follows.cue()))));
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
        return comes.cues().stream()
                .flatMap(cue -> CueCheck.check(after, cue, calendars).stream()
                        .flatMap(problem -> WordClash.of(cue, problem).stream()))
                .toList();
    }
}
