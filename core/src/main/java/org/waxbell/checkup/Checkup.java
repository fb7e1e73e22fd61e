package org.waxbell.checkup;

import java.util.Comparator;
import java.util.List;
import org.waxbell.cue.Cue;
import org.waxbell.wiring.Wiring;

/** Examines a wiring by every rule: the one list to which a new rule adds its line. */
public final class Checkup {
    private static final List<Rule> RULES = List.of(
            new OpenSwitch(),
            new HiddenWord(),
            new SameGreeting(),
            new NobodyNamed(),
            new NeverRings(),
            new NeverPlays(),
            new NothingYet(),
            new NoFallback(),
            new SoundTwice(),
            new NobodyThere(),
            new CueCircle(),
            new MissingMedia(),
            new UnknownValues(),
            new SecretInWords(),
            new LoudWithoutRest(),
            new PauseForRest(),
            new OverbookedSpot(),
            new CardTooShort(),
            new BeyondStage(),
            new NoSuchDesk(),
            new StaysForGood(),
            new CountWithoutPlural(),
            new SilentRefusal());

    private Checkup() {}

    /** All remarks, the gravest first, then in the order of rules and cues. */
    public static List<Remark> of(Wiring wiring) {
        return RULES.stream()
                .flatMap(rule -> rule.look(wiring).stream())
                .sorted(Comparator.comparing(Remark::severity))
                .toList();
    }

    /** The remarks about one cue of {@code wiring}, the gravest first. */
    public static List<Remark> ofOne(Wiring wiring, Cue cue) {
        return RULES.stream()
                .flatMap(rule -> rule.about(wiring, cue).stream())
                .sorted(Comparator.comparing(Remark::severity))
                .toList();
    }

    /** The names of all rules. */
    public static List<String> rules() {
        return RULES.stream().map(Rule::name).toList();
    }
}
