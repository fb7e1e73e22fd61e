package org.waxbell.draft;

import java.util.function.Function;
import java.util.stream.Stream;
import org.waxbell.act.DeskDocument;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.event.Fact;
import org.waxbell.event.ShowEvent;
import org.waxbell.fixture.Fixture;
import org.waxbell.sentence.Naming;
import org.waxbell.slate.SlateValue;
import org.waxbell.tally.Tally;
import org.waxbell.wiring.Circle;
import org.waxbell.wiring.Wiring;

/** How a wiring calls what it has. */
public record Names(Wiring wiring) implements Naming {
    private static <T> String named(Stream<T> all, Function<T, String> id, Function<T, String> name, String wanted) {
        return all.filter(each -> id.apply(each).equals(wanted))
                .map(name)
                .findFirst()
                .orElse(wanted);
    }

    @Override
    public String prefix() {
        return wiring.house().prefix();
    }

    @Override
    public String points(long amount) {
        return wiring.house().points(amount);
    }

    @Override
    public String circle(String id) {
        return named(wiring.house().circles().stream(), Circle::id, Circle::name, id);
    }

    @Override
    public String cue(String id) {
        return named(wiring.cues().stream(), Cue::id, Cue::name, id);
    }

    @Override
    public String rack(String id) {
        return named(wiring.racks().stream(), Rack::id, Rack::name, id);
    }

    @Override
    public String standing(String stage, String id) {
        return wiring.stage(stage)
                .map(known -> named(known.fixtures().stream(), Fixture::id, Fixture::name, id))
                .orElse(id);
    }

    @Override
    public String desk(String about) {
        DeskDocument document = wiring.deskDocuments().get(about);
        return document == null ? about : document.name();
    }

    /** What happened, with what it is about called by its name. */
    public String sentence(ShowEvent event) {
        return event instanceof Fact fact && fact.aboutTarget()
                ? fact.about(target(fact.target())).sentence()
                : event.sentence();
    }

    @Override
    public String value(String id) {
        return named(
                Stream.concat(wiring.house().slate().stream(), Tally.VALUES.stream()),
                SlateValue::id,
                SlateValue::name,
                id);
    }
}
