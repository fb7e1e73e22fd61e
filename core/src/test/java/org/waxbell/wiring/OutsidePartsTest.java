package org.waxbell.wiring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.Samples.cue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.check.Problem;
import org.waxbell.cue.Cue;
import org.waxbell.directive.OscArgument;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.CallPart;
import org.waxbell.score.Manner;
import org.waxbell.score.NoticePart;
import org.waxbell.score.OscPart;
import org.waxbell.score.Part;
import org.waxbell.score.ReplyPart;
import org.waxbell.score.WebField;

/** Parts that reach beyond this computer, as they are checked before their cue is saved. */
class OutsidePartsTest {
    private static List<Problem> check(Cue cue) {
        return CueCheck.check(Samples.housed(Samples.pour()), cue, Calendars.NONE);
    }

    private static void refused(Cue cue, String path, String value) {
        assertThat(check(cue)).anySatisfy(problem -> {
            assertThat(problem.path()).isEqualTo(path);
            assertThat(problem.value()).isEqualTo(value);
            assertThat(problem.message()).endsWith(".");
            assertThat(problem.remedy()).endsWith(".");
        });
    }

    private static Cue parts(Part... parts) {
        return cue("bell", List.of("!bell"), List.of(), parts);
    }

    private static CallPart call(WebField field, String read) {
        return new CallPart(
                "call",
                new Anchor.At(0),
                "kiln",
                "taper.poured",
                "json",
                List.of(field),
                List.of(read),
                4_000,
                Manner.PLAIN);
    }

    private static OscPart osc(String address, OscArgument argument) {
        return new OscPart("osc", new Anchor.At(0), "lights", address, List.of(argument), false, Manner.PLAIN);
    }

    @Test
    void whatGoesOutsideIsRefusedAtItsField() {
        WebField who = new WebField("who", "{viewer}");
        String heat = "heat /data/heat";
        assertThat(check(parts(call(who, heat)))).isEmpty();
        String part = "takes[0].score.parts[0].";
        refused(parts(call(new WebField("wh o", "x"), heat)), part + "fields[0].name", "wh o");
        refused(parts(call(new WebField("who", "{nobody}"), heat)), part + "fields[0].words", "{nobody}");
        refused(parts(call(who, "heat data")), part + "reads[0]", "heat data");
        refused(parts(call(who, "status /data")), part + "reads", "status");
        assertThat(check(parts(osc("/light/1", new OscArgument("float", "0.5")))))
                .isEmpty();
        assertThat(check(parts(osc("/light/1", new OscArgument("int", "{viewer}")))))
                .as("whether a value is a number is known when it is told")
                .isEmpty();
        refused(parts(osc("light", new OscArgument("int", "1"))), part + "address", "light");
        refused(parts(osc("/light/*", new OscArgument("int", "1"))), part + "address", "/light/*");
        refused(parts(osc("/light/1", new OscArgument("int", "much"))), part + "arguments[0].words", "much");
        refused(parts(osc("/light/1", new OscArgument("double", "1"))), part + "arguments[0].sort", "double");
        refused(
                parts(new NoticePart("notice", new Anchor.At(0), "{heat}", "", "", Manner.PLAIN)),
                part + "words",
                "{heat}");
    }

    @Test
    void whatAnAnswerBringsMayBeSaidAfterItAndNotBefore() {
        CallPart call = call(new WebField("who", "{viewer}"), "heat /data/heat");
        Part later = new ReplyPart("say", new Anchor.After("call", 0), "{callHeat}, {callStatus}", Manner.PLAIN);
        assertThat(check(parts(call, later))).isEmpty();
        Part sooner = new ReplyPart("say", new Anchor.At(0), "{callHeat}", Manner.PLAIN);
        refused(parts(call, sooner), "takes[0].score.parts[1].words", "{callHeat}");
    }
}
