package org.waxbell.app.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.waxbell.actor.Actor;
import org.waxbell.check.Problem;
import org.waxbell.engine.Books;
import org.waxbell.engine.EngineState;
import org.waxbell.event.Fact;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Target;
import org.waxbell.points.Pending;
import org.waxbell.show.Desks;
import org.waxbell.state.Memory;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Facts and what is remembered, written and read again: as they are now, and as programs before wrote them. */
class FactFormatTest {
    private static final Documents JSON = Documents.standalone();

    static List<FactKind> kinds() {
        return Facts.all();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindIsReadAsItWasWritten(FactKind kind) {
        Fact sample = kind.sample();
        assertThat(JSON.read(JSON.write(sample), ShowEvent.class)).isEqualTo(sample);
        Fact other = new Fact(kind, Actor.cue("pour-the-taper"), sample.link(), sample.by(), sample.fields());
        assertThat(JSON.read(JSON.write(other), ShowEvent.class)).isEqualTo(other);
    }

    @Test
    void whoDidItIsWrittenOnlyWhereItIsNotTheUsualOne() {
        assertThat(JSON.write(Facts.show(Actor.HOST, true))).isEqualTo("{\"kind\":\"showOpened\"}");
        assertThat(JSON.write(Facts.air(Actor.MIXER, false)))
                .isEqualTo("{\"kind\":\"airOff\",\"by\":{\"origin\":\"mixer\",\"id\":\"\"}}");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{'kind':'show','open':true} | the show opens",
                "{'kind':'show','open':false} | the show closes",
                "{'kind':'air','onAir':true} | on air",
                "{'kind':'marked','text':'the spill'} | marked the moment: the spill",
                "{'kind':'deskEnded','desk':'wheel','name':'dyes','result':'sage'} | the wheel dyes stopped: sage",
                "{'kind':'wheelFilled','stage':'main','wheel':'dyes'} | everything is in the wheel dyes again",
                "{'kind':'switched','target':{'kind':'scene','name':''},'value':'kettle','byHand':true} | the scene is kettle by hand",
                "{'kind':'switched','target':{'kind':'lamp','name':'Bench'},'value':'off','byHand':false} | the lamp Bench is off"
            })
    void whatProgramsBeforeWroteIsStillRead(String old, String sentence) {
        assertThat(JSON.read(old.replace('\'', '"'), ShowEvent.class).sentence())
                .isEqualTo(sentence);
    }

    private static Problem fault(String json) {
        JacksonException thrown =
                catchThrowableOfType(JacksonException.class, () -> JSON.read(json.replace('\'', '"'), ShowEvent.class));
        return Faults.of(thrown);
    }

    @Test
    void whatDoesNotFitIsNamedByItsPlace() {
        String viewer = "'viewer':{'id':'a','name':'a','standings':[],'months':0}";
        assertThat(fault("{'kind':'gift','from':'x'," + viewer + ",'item':'Sprig','worth':'much','count':1}")
                        .path())
                .isEqualTo("worth");
        assertThat(fault("{'kind':'gift','from':'x'," + viewer + ",'item':'Sprig','worth':1}"))
                .extracting(Problem::path, Problem::message)
                .containsExactly("count", "The field \"count\" is missing.");
        assertThat(fault("{'kind':'tip','from':'x'," + viewer + ",'cents':5,'colour':'red'}")
                        .message())
                .contains("colour");
        assertThat(fault("{'kind':'tip','from':'x','viewer':{'id':'a'},'cents':5}")
                        .path())
                .startsWith("viewer");
        assertThat(fault("{'kind':'rain'}").message()).isEqualTo("There is no such kind here.");
    }

    @Test
    void whatIsRememberedIsReadAsItWasWritten() {
        Memory memory = new Memory();
        memory.put(Books.DRAWN, "pour/sound", "pour-2.wav");
        memory.put(Books.PENDING, "7", new Pending(7, "practice:wickerby", 40, "Dye"));
        memory.put(Books.KNOWN, "1f", 1L);
        memory.put(Books.BALANCES, "ffffffffffffffff", 60L);
        EngineState state = new EngineState(5, 9, 8, 3, memory);
        assertThat(JSON.read(JSON.write(state), EngineState.class)).isEqualTo(state);
    }

    @Test
    void aBalanceThatToldWhoseItIsTwiceIsReadAsItsPoints() {
        JsonNode line = JSON.tree("""
                {"at":5,"state":{"seed":11,"nextDecision":4,"nextRing":3,"nextEntry":5,
                "memory":{"known":{"1f":31},"balance":{"1f":{"person":31,"points":60}}}}}""");
        JSON.bringUpLine(line);
        EngineState state = JSON.fit(line.get("state"), EngineState.class);
        assertThat(state.memory().map(Books.BALANCES)).containsExactly(Map.entry("1f", 60L));
        assertThat(state.memory().keys(Books.KNOWN)).containsExactly("1f");
    }

    @Test
    void theStateOfARecordingOfBeforeBecomesBooks() {
        JsonNode line = JSON.tree("""
                {"at":5,"state":{"seed":11,"nextDecision":4,"nextRing":3,"rings":[],
                "lets":[{"ring":2,"cueId":"pour","who":7,"at":3,"times":1},{"ring":0,"cueId":"pour","who":9,"at":1,"times":2}],
                "drawn":{"pour/sound":"a.wav","*wheel/main/dyes":"2|0,2"},
                "books":{"evening":{"show":1,"shows":1,"openedAt":2,"onAir":true,"lines":6},
                "ledger":{"next":5,"balances":[{"person":31,"points":60}],"pending":[{"ring":2,"person":"a","price":4,"why":"Dye"}]},
                "slate":[{"value":"pours","person":"","text":"4"}],"spent":[{"cueId":"hello","who":31}],
                "targets":[{"target":{"kind":"lamp","name":"Bench"},"base":"off","shown":"off","restore":false}],
                "came":[{"cueId":"drink","pull":0,"at":2,"lines":0,"ready":0}],"known":[31]}}}""");
        JSON.bringUpLine(line);
        EngineState state = JSON.fit(line.get("state"), EngineState.class);
        assertThat(state.nextEntry()).isEqualTo(5);
        assertThat(state.evening().lines()).isEqualTo(6);
        assertThat(state.memory().all(Books.LETS)).hasSize(2);
        assertThat(state.memory().all(Books.DRAWN)).containsExactly("a.wav");
        assertThat(state.memory().map(Books.BALANCES)).containsExactly(Map.entry("1f", 60L));
        assertThat(state.memory().all(Books.TARGETS))
                .singleElement()
                .satisfies(each -> assertThat(each.target()).isEqualTo(new Target(Target.Kind.LAMP, "Bench")));
        assertThat(JSON.write(state.memory().map(Desks.ALL.get(0).book())))
                .isEqualTo("{\"main/dyes\":{\"last\":2,\"out\":[0,2]}}");
    }
}
