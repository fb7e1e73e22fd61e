package org.waxbell.cue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import org.waxbell.gate.Gate;
import org.waxbell.gate.WhoGate;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.score.Part;

/**
 * One wiring: what sets it off, what must hold, what is played.
 *
 * @param formatVersion version of the document, {@value #FORMAT} now
 * @param id            never changes: small letters, digits, hyphens
 * @param description   what viewers read of it where its words are listed, may be empty text
 * @param listed        whether its words are among those that viewers are told
 * @param rack          id of the rack that it lies in
 * @param on            whether it may ring at all
 * @param gates         at most one of each kind; they are asked in their own fixed order
 * @param whenHeld      what it says when a gate holds it, at most one for a kind of gate
 * @param takes         its alternative scores, one at least
 * @param takeRule      by which rule one of them is chosen
 * @param allTheSame    whether the host said that it may ring although anyone may do by it what {@link #danger} says
 * @param longestWaitMs how long a ring may wait for busy places, in milliseconds; the places may allow less
 */
public record Cue(
        int formatVersion,
        String id,
        String name,
        String description,
        boolean listed,
        String rack,
        boolean on,
        List<Pull> pulls,
        List<Gate> gates,
        List<HeldAnswer> whenHeld,
        List<Take> takes,
        TakeRule takeRule,
        Urgency urgency,
        long longestWaitMs,
        boolean allTheSame) {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 7;
    /** What its head says of itself. */
    public static final Kind<Cue> KIND = Kind.<Cue>of(Cue.class, "cue", "Cue", "Cue")
            .also("command alert")
            .with(
                    Field.text("name", "Name", 60).called("The name").needed(),
                    Field.text("description", "What viewers read of it", 200).called("The description"),
                    Field.flag("listed", "among the words that viewers are told"),
                    Field.choice("rack", "Rack", From.RACKS),
                    Field.flag("on", "it may ring"),
                    Field.flag("allTheSame", "it may ring although it is open to all"),
                    Field.span("longestWaitMs", "Waits for busy places at most", 0, 600_000)
                            .called("The longest wait")
                            .hint("A spot may allow less. What has waited too long is dropped, and says so."),
                    Field.choice(
                            "urgency",
                            "Urgency",
                            new Choice("calm", "calm: others go first"),
                            new Choice("usual", "usual: as they come"),
                            new Choice("urgent", "urgent: it goes first")));

    public Cue {
        pulls = List.copyOf(pulls);
        gates = List.copyOf(gates);
        whenHeld = List.copyOf(whenHeld);
        takes = List.copyOf(takes);
    }

    /** The names of values that every pull brings, which its words may therefore use. */
    public Set<String> fields() {
        return common(Pull::fields);
    }

    /** Those of {@link #fields()} that are numbers whatever pulled. */
    public Set<String> numbers() {
        return common(Pull::numbers);
    }

    /** The names of values that at least one pull brings. */
    public Set<String> someFields() {
        Set<String> some = new TreeSet<>();
        pulls.forEach(pull -> some.addAll(pull.fields()));
        return some;
    }

    /** Those of {@link #someFields()} that are numbers. */
    public Set<String> someNumbers() {
        Set<String> some = new TreeSet<>();
        pulls.forEach(pull -> some.addAll(pull.numbers()));
        return some;
    }

    private Set<String> common(Function<Pull, Set<String>> of) {
        Set<String> common = new TreeSet<>();
        for (int i = 0; i < pulls.size(); i++) {
            if (i == 0) {
                common.addAll(of.apply(pulls.get(i)));
            } else {
                common.retainAll(of.apply(pulls.get(i)));
            }
        }
        return common;
    }

    private Cue copy(
            String otherId,
            String otherName,
            String otherRack,
            List<Pull> otherPulls,
            List<Gate> otherGates,
            List<HeldAnswer> otherAnswers,
            List<Take> otherTakes,
            TakeRule otherRule) {
        return new Cue(
                formatVersion,
                otherId,
                otherName,
                description,
                listed,
                otherRack,
                on,
                otherPulls,
                otherGates,
                otherAnswers,
                otherTakes,
                otherRule,
                urgency,
                longestWaitMs,
                allTheSame);
    }

    /** Whether any viewer may set it off by writing. */
    public boolean openToAll() {
        return pulls.stream().anyMatch(Pull::typed)
                && gates.stream()
                        .filter(WhoGate.class::isInstance)
                        .map(WhoGate.class::cast)
                        .allMatch(WhoGate::openToAll);
    }

    /** What anyone may do by it that nobody should, such as {@code end the stream}; empty text where there is nothing of the kind. */
    public String danger() {
        return openToAll()
                ? takes.stream()
                        .flatMap(take -> take.score().parts().stream())
                        .map(Part::danger)
                        .filter(each -> !each.isEmpty())
                        .findFirst()
                        .orElse("")
                : "";
    }

    /** Why it does not ring before the host has said so, as {@link #danger}; empty text where it may. */
    public String waitsForTheHost() {
        return allTheSame ? "" : danger();
    }

    /** The same that may ring although it is open to all. */
    public Cue onAllTheSame() {
        return new Cue(
                formatVersion,
                id,
                name,
                description,
                listed,
                rack,
                on,
                pulls,
                gates,
                whenHeld,
                takes,
                takeRule,
                urgency,
                longestWaitMs,
                true);
    }

    /** The same lying in another rack. */
    public Cue inRack(String other) {
        return copy(id, name, other, pulls, gates, whenHeld, takes, takeRule);
    }

    /** The same under another id. */
    public Cue called(String other) {
        return copy(other, name, rack, pulls, gates, whenHeld, takes, takeRule);
    }

    /** The same under another name. */
    public Cue named(String other) {
        return copy(id, other, rack, pulls, gates, whenHeld, takes, takeRule);
    }

    /** The same set off otherwise. */
    public Cue withPulls(List<Pull> others) {
        return copy(id, name, rack, others, gates, whenHeld, takes, takeRule);
    }

    /** The same with other gates. */
    public Cue withGates(List<Gate> others) {
        return copy(id, name, rack, pulls, others, whenHeld, takes, takeRule);
    }

    /** The same saying otherwise why it was held. */
    public Cue withAnswers(List<HeldAnswer> others) {
        return copy(id, name, rack, pulls, gates, others, takes, takeRule);
    }

    /** The same playing other takes. */
    public Cue withTakes(TakeRule rule, List<Take> others) {
        return copy(id, name, rack, pulls, gates, whenHeld, others, rule);
    }

    /** The same playing that take whatever its rule is, the others only where one fails. @param take counted from 0 */
    public Cue playing(int take) {
        List<Take> others = new ArrayList<>(takes);
        Take chosen = others.remove(Math.min(take, takes.size() - 1));
        others.add(0, new Take(chosen.id(), chosen.name(), "", chosen.weight(), chosen.spare(), chosen.score()));
        return withTakes(TakeRule.FIRST, others);
    }

    /** The take of that id. */
    public Optional<Take> take(String take) {
        return takes.stream().filter(each -> each.id().equals(take)).findFirst();
    }
}
