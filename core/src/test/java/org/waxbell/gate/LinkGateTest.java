package org.waxbell.gate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.waxbell.actor.Actor;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.condition.Scope;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;

/** The gate that limits a cue to some links. */
class LinkGateTest {
    private static GateAnswer ask(ShowEvent event, String... links) {
        return new LinkGate(List.of(links))
                .ready(Scope.of(Set.of(), Set.of(), Map.of()))
                .ask(new GateQuery(0, event, "pour", new LetBook(), 0, null, ""));
    }

    private static ChatLine from(String link) {
        return new ChatLine(link, new Viewer("x:y", "y", Set.of(), 0), "!pour");
    }

    @Test
    void aLinkIsMeantWithAllItsChannelsOrOneOfThem() {
        assertThat(ask(from("tower/#bench"), "tower").passed()).isTrue();
        assertThat(ask(from("tower/#bench"), "tower/#bench").passed()).isTrue();
        assertThat(ask(from("tower/#attic"), "tower/#bench").reason())
                .isEqualTo("only from tower/#bench, not from tower/#attic");
        assertThat(ask(from("towers"), "tower").passed()).isFalse();
        assertThat(ask(Facts.show(Actor.HOST, true), "tower").passed())
                .as("what no link sent")
                .isTrue();
    }

    @Test
    void aGateThatLetsNothingThroughIsRefused() {
        Problems problems = new Problems();
        new LinkGate(List.of()).check(problems, Scope.of(Set.of(), Set.of(), Map.of()));
        assertThat(problems.found()).extracting(Problem::path).containsExactly("links");
    }
}
