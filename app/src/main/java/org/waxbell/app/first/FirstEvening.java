package org.waxbell.app.first;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.pack.Packs;
import org.waxbell.app.pack.Packs.PackHere;
import org.waxbell.app.rehearse.Rehearsals;
import org.waxbell.app.stage.StageFeed;
import org.waxbell.app.store.FirstSetting;
import org.waxbell.app.store.Journal;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.app.store.StateStore;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.journal.CueAnswer;

/** How far somebody came who began with an empty folder; what was done once stays done, until it is all done or put away. */
@Component
public class FirstEvening {
    private static final int SOME = 3;
    private static final int LOOKED_AT = 30;
    private final SettingMapper settings;
    private final Documents json;
    private final Journal journal;
    private final StageFeed stages;
    private final WiringStore wiring;
    private final Packs packs;
    private final Rehearsals rehearsals;
    private final StateStore state;

    FirstEvening(
            SettingMapper settings,
            Documents json,
            Journal journal,
            StageFeed stages,
            WiringStore wiring,
            Packs packs,
            Rehearsals rehearsals,
            StateStore state) {
        this.settings = settings;
        this.json = json;
        this.journal = journal;
        this.stages = stages;
        this.wiring = wiring;
        this.packs = packs;
        this.rehearsals = rehearsals;
        this.state = state;
    }

    /** What is kept. */
    record Kept(boolean away, Set<FirstStep> done) {}

    /** A way to where a step is done. @param apart whether it opens beside the console */
    public record FirstWay(String title, String path, boolean apart) {}

    /** A step as it is shown. */
    public record FirstStanding(String id, String title, String says, boolean done, List<FirstWay> ways) {}

    /** How far it is. @param shown whether it is shown; it is not once it is all done or was put away */
    public record FirstView(boolean shown, List<FirstStanding> steps) {}

    /** How far it is now. */
    public synchronized FirstView now() {
        Kept kept = kept();
        if (!kept.away()) {
            Set<FirstStep> done = EnumSet.noneOf(FirstStep.class);
            done.addAll(kept.done());
            for (FirstStep step : FirstStep.values()) {
                if (!done.contains(step) && isDone(step)) {
                    done.add(step);
                }
            }
            if (!done.equals(kept.done())) {
                kept = new Kept(false, done);
                settings.put(FirstSetting.NAME, json.write(kept));
            }
        }
        return view(kept);
    }

    private static FirstView view(Kept kept) {
        List<FirstStanding> steps = Arrays.stream(FirstStep.values())
                .map(each -> new FirstStanding(
                        each.name().toLowerCase(Locale.ROOT),
                        each.title(),
                        each.says(),
                        kept.done().contains(each),
                        each.ways()))
                .toList();
        return new FirstView(!kept.away(), steps);
    }

    /** Puts it away, or shows it again. */
    public synchronized FirstView put(boolean away) {
        settings.put(FirstSetting.NAME, json.write(new Kept(away, kept().done())));
        return now();
    }

    private Kept kept() {
        String text = settings.get(FirstSetting.NAME);
        return text == null ? new Kept(true, Set.of()) : json.read(text, Kept.class);
    }

    private boolean isDone(FirstStep step) {
        return switch (step) {
            case CHAT -> !journal.ofKind("chatLine", 1).isEmpty();
            case STAGE -> !stages.pages().isEmpty();
            case PIECES ->
                wiring.current().wiring().cues().size()
                                + wiring.current().wiring().desks().size()
                        >= SOME;
            case TRY -> tried() >= SOME;
            case REHEARSE -> rehearsals.wasDone();
            case SHOW ->
                state.evening().open() || !journal.ofKind("showOpened", 1).isEmpty();
        };
    }

    /** Packs that are here, and cues that none of them brought. */
    private long pieces() {
        List<PackHere> here = packs.all();
        Set<String> brought =
                here.stream().flatMap(each -> each.cues().stream()).collect(Collectors.toSet());
        return here.size()
                + wiring.current().wiring().cues().stream()
                        .filter(each -> !brought.contains(each.id()))
                        .count();
    }

    private long tried() {
        List<String> cues = new ArrayList<>();
        journal.ofKind("tried", LOOKED_AT)
                .forEach(each -> each.cues().stream().map(CueAnswer::cueId).forEach(cues::add));
        return cues.stream().distinct().count();
    }
}
