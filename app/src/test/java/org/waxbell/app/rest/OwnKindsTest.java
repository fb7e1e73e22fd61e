package org.waxbell.app.rest;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Families;
import org.waxbell.app.json.Schemas;
import org.waxbell.booking.Frame;
import org.waxbell.check.Problem;
import org.waxbell.condition.Scope;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.cue.Urgency;
import org.waxbell.directive.Directive;
import org.waxbell.directive.SayInChat;
import org.waxbell.draft.CueLook;
import org.waxbell.draft.FreshOn;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Facts;
import org.waxbell.fixture.Fixture;
import org.waxbell.fixture.FixtureCheck;
import org.waxbell.gate.Check;
import org.waxbell.gate.Gate;
import org.waxbell.gate.GateAnswer;
import org.waxbell.journal.CueAnswer;
import org.waxbell.kind.Choice;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.port.Calendars;
import org.waxbell.rehearsal.Rehearsal;
import org.waxbell.rehearsal.Report;
import org.waxbell.rehearsal.Step;
import org.waxbell.score.Anchor;
import org.waxbell.score.Lane;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.PartCheck;
import org.waxbell.score.Score;
import org.waxbell.score.Telling;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;
import org.waxbell.shelf.Shelf;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Kinds;
import org.waxbell.wiring.Wiring;
import tools.jackson.databind.json.JsonMapper;

/** A gate, a part and a fixture that only this test knows: one class each, and one line that lists it, are all it takes. */
class OwnKindsTest {
    private static final Kinds KINDS = new Kinds(
            Kinds.ALL.pulls(),
            Kinds.ALL.gates().with(MoonGate.KIND),
            Kinds.ALL.parts().with(GongPart.KIND),
            Kinds.ALL.fixtures().with(CandleFixture.KIND),
            Kinds.ALL.desks());

    private record MoonGate(String phase) implements Gate {
        static final Kind<Gate> KIND = Kind.<Gate>of(MoonGate.class, "moon", "the moon is right", "Moon")
                .saying("the moon was wrong")
                .with(Field.choice("phase", "Phase", new Choice("full", "full"), new Choice("new", "new")))
                .making(on -> new MoonGate("full"));

        @Override
        public Kind<?> kind() {
            return KIND;
        }

        @Override
        public Said said(Naming names) {
            return Said.of("under a " + phase + " moon");
        }

        @Override
        public int order() {
            return 50;
        }

        @Override
        public Check ready(Scope scope) {
            return query -> new GateAnswer("moon", phase.equals("full"), "the moon is " + phase, Map.of());
        }
    }

    private record GongPart(String id, Anchor start, int strokes, Manner manner) implements Part {
        static final Kind<Part> KIND = Kind.<Part>of(GongPart.class, "gong", "Strike the gong", "Gong")
                .with(Field.number("strokes", "Strokes", 1, 9))
                .making(on -> new GongPart(on.id(), Anchor.START, 3, Manner.PLAIN));

        @Override
        public Kind<?> kind() {
            return KIND;
        }

        @Override
        public Lane lane() {
            return Lane.ROOM;
        }

        @Override
        public @Nullable Directive direct(Telling telling) {
            return new SayInChat(telling.partRun(), telling.meantFor(), telling.link(), "", "gong");
        }

        @Override
        public String label(Telling telling, Naming names) {
            return strokes + " strokes";
        }

        @Override
        public void check(PartCheck check) {
            check.fields(this);
        }
    }

    private record CandleFixture(String id, String name, Frame frame, int wicks) implements Fixture {
        static final Kind<Fixture> KIND = Kind.<Fixture>of(CandleFixture.class, "candle", "Candle", "Candle")
                .with(Field.number("wicks", "Wicks", 1, 5))
                .making(on -> new CandleFixture(on.id(), "Candle", new Frame(0, 0, 40, 90, 1), 1));

        @Override
        public Kind<?> kind() {
            return KIND;
        }

        @Override
        public void check(FixtureCheck check) {
            check.fields(this);
        }
    }

    private static Cue cue(String phase, int strokes) {
        return new Cue(
                Cue.FORMAT,
                "moonlit",
                "Moonlit",
                "",
                true,
                "bench",
                true,
                List.of(ChatWordPull.of("!moon")),
                List.of(new MoonGate(phase)),
                List.of(),
                List.of(Take.only(new Score(List.of(new GongPart("gong", Anchor.START, strokes, Manner.PLAIN))))),
                TakeRule.FIRST,
                Urgency.USUAL,
                60_000,
                false);
    }

    private static Wiring wiring(Cue... cues) {
        return new Wiring(
                House.PLAIN, List.of(new Rack(1, "bench", "Bench", true)), List.of(cues), List.of(), Shelf.EMPTY);
    }

    private static CueLook look(Cue cue) {
        FreshOn on = new FreshOn(wiring(), cue, List.of(), Optional.empty(), "", Map.of(), 0, ZoneOffset.UTC);
        return CueLook.at(cue, on, Calendars.NONE, KINDS);
    }

    private static Report rehearsed(Cue cue) {
        ChatLine line = new ChatLine("practice", Facts.chat().viewer(), "!moon");
        return Rehearsal.run(
                new CueBook(wiring(cue)),
                List.of(new Step.Happens(1_000, line)),
                7,
                Calendars.NONE,
                percent -> {},
                () -> true);
    }

    @Test
    void theyAreWrittenAndReadByTheirNames() {
        Documents json = Documents.knowing(KINDS);
        Cue cue = cue("full", 3);
        assertThat(json.write(cue)).contains("\"kind\":\"moon\"", "\"kind\":\"gong\"");
        assertThat(json.read(json.write(cue), Cue.class)).isEqualTo(cue);
    }

    @Test
    void theySayTheirBoundsInTheSchema() {
        Schemas schemas = new Schemas(new JsonMapper(), new Families(KINDS), false);
        schemas.of(Cue.class);
        schemas.of(Fixture.class);
        assertThat(schemas.definitions()
                        .at("/GongPart/properties/strokes/maximum")
                        .asInt())
                .isEqualTo(9);
        assertThat(schemas.definitions().at("/MoonGate/properties/phase/enum").toString())
                .isEqualTo("[\"full\",\"new\"]");
        assertThat(schemas.definitions()
                        .at("/CandleFixture/properties/wicks/minimum")
                        .asInt())
                .isEqualTo(1);
        assertThat(schemas.definitions().at("/Gate/properties/kind/enum").toString())
                .contains("moon");
    }

    @Test
    void theyHaveFormsAndStandInMenus() {
        KindViews.KindsView kinds = KindViews.KindsView.of(KINDS);
        assertThat(kinds.gates()).last().satisfies(gate -> {
            assertThat(gate.title()).isEqualTo("the moon is right");
            assertThat(gate.fields()).extracting(KindViews.FieldView::key).containsExactly("phase");
        });
        assertThat(kinds.parts()).last().satisfies(part -> {
            assertThat(part.lane()).isEqualTo(Lane.ROOM);
            assertThat(part.fields().get(0).most()).isEqualTo(9);
        });
        assertThat(kinds.fixtures()).extracting(KindViews.KindView::name).contains("candle");
        assertThat(look(cue("full", 3)).gates()).doesNotContain("moon").contains("price");
    }

    @Test
    void theyReadInTheSentenceAndAreDrawnAndChecked() {
        CueLook look = look(cue("full", 3));
        assertThat(look.text()).contains("by anyone, under a full moon, as often");
        assertThat(look.held()).containsEntry("moon", "the moon was wrong");
        assertThat(look.plans().get(0))
                .first()
                .satisfies(part -> assertThat(part.label()).isEqualTo("3 strokes"));
        assertThat(look(cue("half", 30)).problems())
                .filteredOn(each -> each.path().contains("parts"))
                .extracting(Problem::message)
                .containsExactly("Strokes is out of range.");
    }

    @Test
    void theyAreAskedAndPlayedInRehearsalAndToldInTheJournal() {
        Report rang = rehearsed(cue("full", 3));
        assertThat(rang.rings()).hasSize(1);
        assertThat(rang.rings().get(0).parts())
                .first()
                .satisfies(part -> assertThat(part.lane()).isEqualTo(Lane.ROOM));
        Report held = rehearsed(cue("new", 3));
        CueAnswer answer = held.decisions().get(0).cues().get(0);
        assertThat(answer.sentence()).contains("the moon is new");
        assertThat(held.cues().get(0).held()).isEqualTo(Map.of("moon", 1));
        assertThat(Optional.of(held.summary())).contains("1 step: 0 rings, 1 held, 0 dropped. 1 cue never rang.");
    }
}
