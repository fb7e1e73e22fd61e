package org.waxbell.app.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.argThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.waxbell.actor.Actor;
import org.waxbell.app.address.StageKeys;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.json.Documents;
import org.waxbell.app.media.MediaTokens;
import org.waxbell.app.socket.Outbox;
import org.waxbell.app.wiring.Document;
import org.waxbell.app.wiring.DocumentKind;
import org.waxbell.app.wiring.DocumentSet;
import org.waxbell.app.wiring.WiringChanged;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.directive.EndPart;
import org.waxbell.directive.HushAll;
import org.waxbell.directive.ShowCard;
import org.waxbell.look.Look;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What each page of a stage is told, and that it is told nothing else. */
class StageFeedTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Stage MAIN = Stage.plain("main", "Main", 1280, 720, List.of(), List.of());
    private final Documents documents = mock();
    private final MediaTokens tokens = mock();
    private final WiringStore wiring = mock();
    private final SystemClock clock = mock();
    private final StageFeed feed = new StageFeed(documents, tokens, wiring, clock, SpokenSource.NONE);

    @BeforeEach
    void stage() {
        when(documents.write(any())).thenAnswer(call -> JSON.writeValueAsString(call.getArgument(0)));
        when(tokens.address(anyString())).thenReturn("");
        when(wiring.current())
                .thenReturn(DocumentSet.of(List.of(new Document(DocumentKind.STAGE, "main", 1, 1, MAIN)), Shelf.EMPTY));
        when(clock.now()).thenReturn(1_000L);
    }

    private Outbox join(String id, String stage, boolean preview) {
        Outbox outbox = mock();
        when(outbox.id()).thenReturn(id);
        feed.join(new StagePage(outbox, new StageKeys.Admitted(stage, preview), ""));
        return outbox;
    }

    private static ShowCard card(String partRun, long at) {
        return new ShowCard(
                partRun, at, 5_000, "main", "lower-third", Look.SHIPPED.get(0), "wickerby", "pours", "", "", 400, 600);
    }

    private static boolean is(String message, String pointer, String value) {
        JsonNode node = JSON.readTree(message).at(pointer);
        return node.asString("").equals(value);
    }

    @Test
    void aPageIsWelcomedWithWhatShouldStillBeSeenAndNothingThatIsOver() {
        feed.perform(card("1.card", 1_000));
        feed.perform(card("2.card", 4_000));
        when(clock.now()).thenReturn(6_500L);
        Outbox page = join("page", "main", false);
        verify(page)
                .post(argThat(message -> is(message, "/type", "welcome")
                        && is(message, "/parts/0/partRun", "2.card")
                        && JSON.readTree(message).get("parts").size() == 1
                        && is(message, "/number", "2")));
    }

    @Test
    void messagesOfAStageAreNumberedAndReachItsPagesOnly() {
        Outbox page = join("page", "main", false);
        Outbox other = join("other", "kettle", false);
        feed.perform(card("1.card", 1_000));
        feed.end(new EndPart("1.card", 2_000, "main"));
        verify(page).post(argThat(message -> is(message, "/type", "part") && is(message, "/number", "1")));
        verify(page)
                .post(argThat(message ->
                        is(message, "/type", "end") && is(message, "/number", "2") && is(message, "/at", "2000")));
        verify(other, never()).post(anyString());
    }

    @Test
    void anEditedStageIsToldToItsPagesOnceAndCountsAsOneMessage() {
        Outbox page = join("page", "main", false);
        feed.wiringChanged(new WiringChanged(Actor.HOST));
        Stage wider = Stage.plain("main", "Main", 1920, 1080, List.of(), List.of());
        when(wiring.current())
                .thenReturn(
                        DocumentSet.of(List.of(new Document(DocumentKind.STAGE, "main", 2, 1, wider)), Shelf.EMPTY));
        feed.wiringChanged(new WiringChanged(Actor.HOST));
        feed.wiringChanged(new WiringChanged(Actor.HOST));
        Outbox late = join("late", "main", false);
        verify(page).post(argThat(message -> is(message, "/type", "welcome") && is(message, "/number", "0")));
        verify(page)
                .post(argThat(message -> is(message, "/type", "stage")
                        && is(message, "/number", "1")
                        && is(message, "/stage/width", "1920")));
        verify(late)
                .post(argThat(message -> is(message, "/type", "welcome")
                        && is(message, "/number", "1")
                        && is(message, "/stage/width", "1920")));
    }

    @Test
    void whatWasEndedOrHushedIsNotShownToWhoComesLater() {
        feed.perform(card("1.card", 1_000));
        feed.end(new EndPart("1.card", 2_000, "main"));
        feed.perform(card("2.card", 1_000));
        feed.hush(new HushAll(1_500));
        Outbox page = join("page", "main", false);
        verify(page).post(argThat(message -> JSON.readTree(message).get("parts").isEmpty()));
    }

    @Test
    void aRenewedAddressSendsPagesAwayAndLeavesPreviews() {
        Outbox page = join("page", "main", false);
        Outbox preview = join("preview", "main", true);
        feed.dismiss("main");
        verify(page).close(StageFeed.WRONG_KEY);
        verify(preview, never()).close(any());
        assertThat(feed.pages("main")).hasSize(1);
    }

    @Test
    void aPageForAnOutletAloneIsToldAllAndCountsAsNoneThatShowsTheStage() {
        Outbox outbox = mock();
        when(outbox.id()).thenReturn("outlet");
        StagePage alone = new StagePage(outbox, new StageKeys.Admitted("main", false), "bench");
        feed.join(alone);
        assertThat(feed.pages("main")).isEmpty();
        assertThat(feed.pages()).isEmpty();
        assertThat(feed.pages("main", "bench")).containsExactly(alone);
        assertThat(feed.pages("main", "chimes")).isEmpty();
        join("whole", "main", false);
        assertThat(feed.pages("main")).hasSize(1);
        feed.leave(alone);
        assertThat(feed.pages("main", "bench")).isEmpty();
    }

    @Test
    void theWorstRoundTripOfAllPagesCounts() {
        Outbox outbox = mock();
        when(outbox.id()).thenReturn("slow");
        StagePage slow = new StagePage(outbox, new StageKeys.Admitted("main", false), "");
        feed.join(slow);
        slow.reports(38.5, true);
        join("quick", "main", true);
        assertThat(feed.worstRoundTrip()).isEqualTo(38.5);
        feed.leave(slow);
        assertThat(feed.worstRoundTrip()).isZero();
    }
}
