package org.waxbell.app.pack;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.waxbell.app.pack.Manifest.Packed;
import org.waxbell.app.pack.PackLook.ComingFile;
import org.waxbell.app.pack.PackLook.NamedItem;
import org.waxbell.check.Problem;
import org.waxbell.checkup.Checkup;
import org.waxbell.checkup.Remark;
import org.waxbell.cue.Cue;
import org.waxbell.draft.Ids;
import org.waxbell.kind.Records;
import org.waxbell.pack.Choices;
import org.waxbell.pack.Meeting;
import org.waxbell.pack.PackItem;
import org.waxbell.pack.Packing;
import org.waxbell.port.Calendars;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.ShelfUse;
import org.waxbell.wiring.Wiring;
import org.waxbell.wiring.WiringCheck;
import org.waxbell.wiring.WiringDocument;

/** A pack beside what is here: its files under names that are free, its documents as choices leave them, and all that is wrong with that. */
final class Coming {
    private static final Pattern PLACE = Pattern.compile("(cues|stages|racks|desks)\\[(\\d+)]\\.?(.*)");
    private static final Pattern WORD = Pattern.compile("cues\\[\\d+]\\.pulls\\[\\d+]\\.words\\[\\d+]");
    private final Wiring here;
    private final Map<Packed, String> names = new HashMap<>();
    private final Wiring after;
    private final Meeting meeting;
    private final Calendars calendars;
    private final Set<Packed> lying = new HashSet<>();

    Coming(
            Wiring here,
            Manifest manifest,
            WiringDocument wiring,
            Choices choices,
            BiPredicate<Media, Packed> alike,
            Calendars calendars) {
        this.here = here;
        this.calendars = calendars;
        WiringDocument named = wiring;
        List<Media> shelf = new ArrayList<>(here.shelf().all());
        for (Packed file : manifest.files()) {
            Optional<Media> there = here.shelf().find(file.folder(), file.name());
            boolean same = there.isPresent() && alike.test(there.get(), file);
            String name = there.isEmpty() || same ? file.name() : free(here.shelf(), file);
            if (same) {
                lying.add(file);
            }
            names.put(file, name);
            if (!name.equals(file.name())) {
                named = renamed(named, manifest, file.media(), name);
            }
            if (!same) {
                shelf.add(new Media(name, file.folder(), file.hash(), file.type(), file.lengthMs()));
            }
        }
        meeting = Meeting.of(here, named, choices, calendars);
        after = meeting.comes().mergedInto(WiringDocument.of(here)).on(new Shelf(shelf));
    }

    private static String free(Shelf shelf, Packed file) {
        int dot = file.name().lastIndexOf('.');
        String head = dot < 0 ? file.name() : file.name().substring(0, dot);
        String ending = dot < 0 ? "" : file.name().substring(dot);
        Set<String> taken = shelf.folder(file.folder()).stream()
                .map(Media::name)
                .filter(each -> each.endsWith(ending))
                .map(each -> each.substring(0, each.length() - ending.length()))
                .collect(Collectors.toSet());
        return Ids.free(head, taken) + ending;
    }

    /** Cues and stages that use a file under another name. */
    private static WiringDocument renamed(WiringDocument wiring, Manifest manifest, Media from, String name) {
        Shelf shelf = new Shelf(manifest.files().stream().map(Packed::media).toList());
        ShelfUse.Moved moved = ShelfUse.moved(wiring.on(shelf), from, from.folder(), name);
        return Records.with(
                wiring,
                Map.of(
                        "stages", other(wiring.stages(), moved.stages(), Stage::id),
                        "cues", other(wiring.cues(), moved.cues(), Cue::id)));
    }

    private static <T> List<T> other(List<T> all, List<T> moved, Function<T, String> id) {
        Map<String, T> by = new HashMap<>();
        moved.forEach(each -> by.put(id.apply(each), each));
        return all.stream().map(each -> by.getOrDefault(id.apply(each), each)).toList();
    }

    Meeting meeting() {
        return meeting;
    }

    /** The files that do not lie here yet, each with the name under which it will. */
    Map<Packed, String> fresh() {
        Map<Packed, String> all = new HashMap<>();
        names.forEach((file, name) -> {
            if (!lying.contains(file)) {
                all.put(file, name);
            }
        });
        return all;
    }

    /** What is wrong; words that are taken are told apart, on whichever of the two cues that is found. */
    List<Problem> problems() {
        return WiringCheck.whole(here, after, calendars).stream()
                .filter(each ->
                        meeting.words().isEmpty() || !WORD.matcher(each.path()).matches())
                .map(each -> new Problem(place(each.path()), each.value(), each.message(), each.remedy()))
                .toList();
    }

    /** A place within the whole, by the name of what it is in. */
    private String place(String path) {
        Matcher place = PLACE.matcher(path);
        if (!place.matches()) {
            return path;
        }
        int at = Integer.parseInt(place.group(2));
        String name = switch (place.group(1)) {
            case "cues" -> after.cues().get(at).name();
            case "stages" -> after.stages().get(at).name();
            case "racks" -> after.racks().get(at).name();
            default -> after.desks().get(at).name();
        };
        return place.group(3).isEmpty() ? name : name + ": " + place.group(3);
    }

    /** All of it as it is told. */
    PackLook look(String coming, Manifest manifest, String before, long revision) {
        return new PackLook(
                coming,
                manifest.name(),
                manifest.version(),
                manifest.says(),
                before,
                named(meeting.brings().stream()),
                named(meeting.there().stream()),
                meeting.clashes(),
                meeting.words(),
                manifest.files().stream()
                        .map(each -> {
                            String name = Objects.requireNonNull(names.get(each));
                            return new ComingFile(each.folder(), name, lying.contains(each));
                        })
                        .toList(),
                Stream.concat(
                                meeting.comes().cues().stream()
                                        .flatMap(cue -> cue.takes().stream())
                                        .flatMap(take -> take.score().parts().stream())
                                        .map(part -> part.kind().title()),
                                meeting.comes().desks().stream().flatMap(desk -> desk.wants().stream()))
                        .distinct()
                        .sorted()
                        .toList(),
                remarks(),
                problems(),
                revision);
    }

    private List<NamedItem> named(Stream<PackItem> items) {
        return items.map(each -> new NamedItem(each, Packing.name(after, each))).toList();
    }

    private List<String> remarks() {
        return Checkup.of(after).stream()
                .filter(each -> each.severity() != Remark.Severity.HINT
                        && meeting.brings().contains(new PackItem(PackItem.Sort.CUE, each.cueId())))
                .map(each -> Packing.name(after, new PackItem(PackItem.Sort.CUE, each.cueId())) + ": " + each.message())
                .toList();
    }
}
