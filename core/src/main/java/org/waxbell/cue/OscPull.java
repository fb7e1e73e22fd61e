package org.waxbell.cue;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.waxbell.actor.Actor;
import org.waxbell.check.Problems;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/**
 * Sets the cue off when a desk sends a message of Open Sound Control.
 *
 * @param address such as {@code /fader/1}
 * @param mark    the number that its first argument has to cross upwards, such as {@code 0.5}, so that a fader on its way rings once; empty text for any message
 */
public record OscPull(String address, String mark) implements Pull {
    /** How many arguments words may use: {@code {osc1}} and so on. */
    public static final int ARGUMENTS = 6;

    private static final String NUMBER = "-?\\d{1,9}(\\.\\d{1,9})?";

    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(OscPull.class, "osc", "a desk sends an OSC message", "OSC")
            .also("open sound control fader button lights desk")
            .with(
                    Field.of(Field.Type.CODE, "address", "Address")
                            .called("The address")
                            .matching(
                                    "(/[^\\s#*,?\\[\\]{}/]+)+",
                                    "This is no address of Open Sound Control.",
                                    "Write one such as /fader/1.")
                            .needed()
                            .wide(4),
                    Field.text("mark", "rises above", 20)
                            .matching(NUMBER, "This is no number.", "Write one such as 0.5.")
                            .hint("Empty for any message.")
                            .wide(2))
            .making(on -> new OscPull("/fader/1", "0.5"));

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of(mark.isEmpty() ? "a desk sends " + address : address + " of a desk rises above " + mark);
    }

    @Override
    public ShowEvent sample(Sampling on) {
        // A draft is looked at while it is written, whatever stands there.
        double now = mark.matches(NUMBER) ? Double.parseDouble(mark) + 0.1 : 1;
        Map<String, String> samples = new TreeMap<>();
        fields().forEach(name -> samples.put(name, ""));
        samples.put("osc1", Double.toString(now));
        return Facts.OSC_HEARD.by(
                Actor.link("osc"), address, samples, Facts.thousandths(now - 1), Facts.thousandths(now));
    }

    @Override
    public Set<String> fields() {
        Set<String> all = new TreeSet<>(Set.of("oscAddress"));
        for (int i = 1; i <= ARGUMENTS; i++) {
            all.add("osc" + i);
        }
        return all;
    }

    @Override
    public void enter(PullIndex index) {
        index.byKind(Facts.OSC_HEARD.name(), event -> event instanceof Fact fact && isMeant(fact));
    }

    private boolean isMeant(Fact fact) {
        if (!fact.text("address").equals(address)) {
            return false;
        }
        if (mark.isEmpty()) {
            return true;
        }
        long crossed = Facts.thousandths(Double.parseDouble(mark));
        return fact.number("before") <= crossed && fact.number("now") > crossed;
    }

    @Override
    public void check(Problems problems) {
        KIND.check(this, problems);
    }
}
