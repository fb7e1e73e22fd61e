package org.waxbell.extension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.desk.OnDesk.said;
import static org.waxbell.desk.OnDesk.viewer;
import static org.waxbell.extension.OnExtension.sentences;
import static org.waxbell.extension.OnExtension.wish;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.desk.Answer;
import org.waxbell.directive.RunScript;
import org.waxbell.directive.SayInChat;
import org.waxbell.engine.Completion;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Facts;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Records;

class ExtensionDeskTest {
    private static final Viewer OTTER = viewer("brine_otter");
    private static final Extension ALL = OnExtension.all();
    private final OnExtension on = new OnExtension(ALL);

    @Test
    void aLineIsHandedOverWithWhoWroteIt() {
        on.owns(OTTER, 30);
        on.line(OTTER, "good evening");
        RunScript run = on.runs.get(0);
        assertThat(run.function()).isEqualTo("heard");
        assertThat(run.event())
                .containsEntry("kind", "line")
                .containsEntry("text", "good evening")
                .containsEntry("viewer", "brine_otter")
                .containsEntry("person", "practice:brine_otter")
                .containsEntry("standing", "follower")
                .containsEntry("points", 30L);
    }

    @Test
    void whoeverMayNotKnowPeopleIsNotToldWhoItWas() {
        OnExtension blind = new OnExtension(Records.with(
                ALL, Map.of("asks", List.of(Permission.SAY), "agreed", List.of(Permission.SAY), "calls", List.of())));
        blind.line(OTTER, "good evening");
        assertThat(blind.runs.get(0).event())
                .containsEntry("viewer", "somebody")
                .doesNotContainKeys("person", "standing", "points");
        assertThat(sentences(blind.wants(wish("say", "text", "hello")))).contains("Weigh, on chatLine, says something");
    }

    @Test
    void whatNoneAskedForIsHandedToNobody() {
        on.happens(Facts.FOLLOW.from("practice", OTTER));
        assertThat(on.runs).isEmpty();
        on.happens(Facts.GIFT.sample());
        assertThat(on.runs)
                .singleElement()
                .satisfies(run -> assertThat(run.event()).containsEntry("kind", "gift"));
    }

    @Test
    void itRunsNothingWhileItIsOffOrNotAgreedTo() {
        for (Extension quiet : List.of(
                Records.with(ALL, Map.of("on", false)),
                Records.with(ALL, Map.of("agreed", List.of(Permission.PEOPLE))))) {
            OnExtension still = new OnExtension(quiet);
            still.line(OTTER, "good evening");
            assertThat(still.runs).isEmpty();
            assertThat(still.ask("guess", "text", "4")).startsWith("Weigh: it ");
            assertThat(still.board(quiet, new ExtensionDesk().fresh(quiet)).runs())
                    .isFalse();
        }
    }

    @Test
    void aChatWordAsksIt() {
        on.line(OTTER, "!guess 412");
        assertThat(on.runs).extracting(RunScript::function).contains("heard");
        on.wants();
        RunScript asked = on.runs.get(1);
        assertThat(asked.function()).isEqualTo("asked");
        assertThat(asked.event()).containsEntry("act", "guess").containsEntry("text", "412");
        assertThat(said(on.wants(wish("say", "text", "noted")))).isEqualTo("noted");
    }

    @Test
    void oneCallGoesAfterAnotherAndSeesWhatTheOneBeforeKept() {
        on.line(OTTER, "one");
        on.line(OTTER, "two");
        assertThat(on.runs).hasSize(1);
        on.wants(wish("keep", "key", "last", "text", "\"one\""));
        assertThat(on.runs).hasSize(2);
        assertThat(on.runs.get(1).event()).containsEntry("text", "two");
        assertThat(on.runs.get(1).notes()).containsEntry("last", "\"one\"");
    }

    @Test
    void whatItWantsIsDoneAndStandsInTheJournalWithWhy() {
        on.owns(OTTER, 10);
        on.line(OTTER, "good evening");
        Outcome did = on.wants(
                wish("say", "text", "hello"),
                wish("points", "person", OTTER.id(), "amount", "5", "why", "for the line"),
                wish("tell", "word", "greeted", "text", "brine_otter", "number", "5"),
                wish("keep", "key", "seen", "text", "true"));
        assertThat(said(did)).isEqualTo("hello");
        assertThat(on.owned(OTTER)).isEqualTo(15);
        assertThat(sentences(did))
                .contains(
                        "Weigh, on brine_otter: good evening, says something, gives 5 points, tells greeted",
                        "Weigh tells greeted: brine_otter");
        assertThat(did.decisions())
                .allSatisfy(each -> assertThat(each.event().actor().inWords()).isEqualTo("the extension weigh"));
        assertThat(on.state().store().notes()).isEqualTo(Map.of("seen", "true"));
    }

    @ParameterizedTest
    @EnumSource(Permission.class)
    void whatItWasNotLetDoIsNotDoneAndSaid(Permission missing) {
        List<Permission> some =
                ALL.asks().stream().filter(each -> each != missing).toList();
        Extension bound = Records.with(ALL, Map.of("asks", some, "agreed", some));
        OnExtension less = new OnExtension(bound);
        less.owns(OTTER, 10);
        less.line(OTTER, "good evening");
        Outcome did = less.wants(
                wish("say", "text", "hello"),
                wish("points", "person", OTTER.id(), "amount", "5"),
                wish("tell", "word", "greeted"),
                wish("slate", "value", "pours", "text", "4"),
                wish("keep", "key", "seen", "text", "true"),
                wish("call", "link", "shop"));
        assertThat(said(did)).isEqualTo(missing == Permission.SAY ? "" : "hello");
        assertThat(less.owned(OTTER)).isEqualTo(missing == Permission.POINTS ? 10 : 15);
        assertThat(less.calls).hasSize(missing == Permission.CALL ? 0 : 1);
        assertThat(less.state().store().notes()).hasSize(missing == Permission.KEEP ? 0 : 1);
        assertThat(String.join("\n", sentences(did)).contains("it did not ask whether it " + missing.inWords()))
                .isEqualTo(missing != Permission.PEOPLE);
    }

    @Test
    void theAnswerGoesToTheChatThatAskedWhateverTheIdentity() {
        Viewer elsewhere = new Viewer("tower:juniper", "juniper", Set.of(Standing.FOLLOWER), 0);
        on.line(elsewhere, "!guess 1");
        on.wants();
        Outcome did = on.wants(wish("say", "text", "noted"));
        assertThat(did.directives())
                .filteredOn(SayInChat.class::isInstance)
                .singleElement()
                .extracting(each -> ((SayInChat) each).link())
                .isEqualTo(Samples.line(elsewhere, "x").from());
    }

    @Test
    void aCallOfAnAddressAnswersLater() {
        on.line(OTTER, "good evening");
        on.wants(
                wish("call", "link", "shop", "tag", "price", "field.candle", "sage", "read.price", "/price"),
                wish("call", "link", "elsewhere"));
        assertThat(on.calls).singleElement().satisfies(call -> {
            assertThat(call.fields()).isEqualTo(Map.of("candle", "sage"));
            assertThat(call.reads()).isEqualTo(Map.of("price", "/price"));
        });
        on.came(on.calls.get(0).partRun(), Completion.ended(Map.of("status", "200", "price", "12")));
        RunScript answer = on.runs.get(1);
        assertThat(answer.function()).isEqualTo("answered");
        assertThat(answer.event()).containsEntry("tag", "price").containsEntry("price", "12");
        on.wants();
        on.came(on.calls.get(0).partRun(), Completion.ended(Map.of()));
        assertThat(on.runs).as("it answers once").hasSize(2);
    }

    @Test
    void aFailureIsToldAndTheNextCallGoes() {
        on.line(OTTER, "one");
        on.line(OTTER, "two");
        Outcome failed = on.came(on.runs.get(0).partRun(), Completion.failed("main.js line 4: x is not defined"));
        assertThat(sentences(failed)).contains("Weigh failed on brine_otter: one: main.js line 4: x is not defined");
        assertThat(on.runs).hasSize(2);
    }

    @Test
    void whoBreaksABoundIsRunNoMoreUntilTheCodeIsAnotherOrSomebodyLetsIt() {
        on.line(OTTER, "one");
        on.line(OTTER, "two");
        on.came(on.runs.get(0).partRun(), Completion.failed("it goes on and on", Map.of("halted", "yes")));
        on.line(OTTER, "three");
        assertThat(on.runs).hasSize(1);
        assertThat(on.ask("guess", "text", "4")).isEqualTo("Weigh: it goes on and on.");
        assertThat(on.ask("goOn")).isEqualTo("Weigh goes on.");
        on.line(OTTER, "four");
        assertThat(on.runs).hasSize(2);
        on.came(on.runs.get(1).partRun(), Completion.failed("it goes on and on", Map.of("halted", "yes")));
        on.becomes(Records.with(ALL, Map.of("code", "function heard() {}")));
        on.line(OTTER, "five");
        assertThat(on.runs).hasSize(3);
    }

    @Test
    void whatNeverComesBackIsGivenUp() {
        on.line(OTTER, "one");
        on.line(OTTER, "two");
        on.at += 20_000;
        Outcome woken = on.noted(on.engine().wake(on.at));
        assertThat(sentences(woken)).contains("Weigh failed on brine_otter: one: it did not come back");
        assertThat(on.runs).hasSize(2);
    }

    @Test
    void hushLeavesNothingUnderWay() {
        on.line(OTTER, "one");
        on.line(OTTER, "two");
        on.engine().hush(on.at + 1, Actor.HOST);
        Outcome late = on.wants(wish("say", "text", "hello"));
        assertThat(said(late)).isEmpty();
        assertThat(on.runs).hasSize(1);
    }

    @Test
    void aFloodIsBoundedAndCounted() {
        List<String> told = new ArrayList<>();
        for (int i = 0; i < 250; i++) {
            told.addAll(sentences(on.noted(on.engine().accept(on.at, Samples.line(OTTER, "line " + i)))));
        }
        assertThat(told.stream().filter(each -> each.contains("slower than the evening")))
                .as("it is said once")
                .hasSize(1);
        for (int i = 0; i < 300; i++) {
            on.wants();
        }
        assertThat(on.runs).as("the one that ran, and those that could wait").hasSize(201);
        assertThat(on.runs.get(200).event()).containsEntry("text", "line 200");
    }

    @Test
    void notesAreBoundedAndKeptOverARestart() {
        on.line(OTTER, "one");
        Outcome much = on.wants(
                wish("keep", "key", "a", "text", "x".repeat(60_000)),
                wish("keep", "key", "b", "text", "x".repeat(60_000)));
        assertThat(String.join("\n", sentences(much))).contains("its notes would be more than 65536 characters");
        on.restart();
        assertThat(on.state().store().notes()).containsOnlyKeys("a");
        on.line(OTTER, "two");
        on.wants(wish("forget", "key", "a"));
        assertThat(on.state().store().notes()).isEmpty();
    }

    @Test
    void itMaySayOnlySoMuchAtOnce() {
        on.line(OTTER, "one");
        Wish[] many = new Wish[40];
        Arrays.fill(many, wish("say", "text", "hello"));
        Outcome did = on.wants(many);
        assertThat(said(did).lines()).hasSize(20);
        assertThat(String.join("\n", sentences(did))).contains("left out: more than 20 things at once");
    }

    @Test
    void whereNothingCameFromAChatItSpeaksWhereAnswersGo() {
        OnExtension opens = new OnExtension(Records.with(ALL, Map.of("hears", List.of("showOpened"))));
        opens.happens(Facts.show(Actor.HOST, true));
        Outcome did = opens.wants(wish("say", "text", "good evening"));
        assertThat(did.directives())
                .filteredOn(SayInChat.class::isInstance)
                .singleElement()
                .extracting(each -> ((SayInChat) each).link())
                .isEqualTo(Samples.house().home());
        Call call = new Call(Call.HEARD, Map.of(), "the show opens", Optional.empty(), "");
        Answer<ExtensionState> nowhere = new Did(ALL, call, 5, "")
                .all(ExtensionState.of(ExtensionStore.NONE), List.of(wish("say", "text", "good evening")));
        assertThat(nowhere.told().get(0).sentence()).contains("there is no chat to say it in");
    }

    @Test
    void itsChanceIsTheEveningsOwn() {
        OnExtension same = new OnExtension(ALL);
        on.line(OTTER, "one");
        same.line(OTTER, "one");
        assertThat(on.runs.get(0).seed()).isEqualTo(same.runs.get(0).seed()).isNotEqualTo(0);
        on.wants();
        on.line(OTTER, "one");
        assertThat(on.runs.get(1).seed()).isNotEqualTo(on.runs.get(0).seed());
    }

    @Test
    void whatItIsTriedWithIsMadeUp() {
        assertThat(ExtensionDesk.sample(ALL, "gift", "", 5).orElseThrow().event())
                .containsEntry("giftItem", "Honeycomb");
        assertThat(ExtensionDesk.sample(ALL, "asked/guess", "412", 5)
                        .orElseThrow()
                        .event())
                .containsEntry("act", "guess")
                .containsEntry("text", "412");
        assertThat(ExtensionDesk.sample(ALL, "follow", "", 5)).isEmpty();
        assertThat(ExtensionDesk.sample(ALL, "asked/nothing", "", 5)).isEmpty();
    }
}
