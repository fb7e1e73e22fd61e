package org.waxbell.app.socket;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;
import org.waxbell.app.json.Documents;

/** What a page that joins is told, and in which order. */
class TopicTest {
    private final WebSocketSession session = mock();
    private final Outboxes outboxes = mock();

    @Test
    void whatHappensWhileAPageIsToldHowThingsStandComesBehindThat() throws IOException {
        when(session.getId()).thenReturn("one");
        when(session.isOpen()).thenReturn(true);
        when(outboxes.of(session)).thenReturn(new Outbox(session, Runnable::run));
        AtomicReference<Topic> topic = new AtomicReference<>();
        topic.set(new Topic(outboxes, Documents.standalone(), () -> {
            // The stand was read, and before it is told something happens.
            topic.get().tell("decision", "7");
            return "up to 6";
        }));
        topic.get().afterConnectionEstablished(session);
        topic.get().tell("decision", "8");
        ArgumentCaptor<TextMessage> sent = ArgumentCaptor.forClass(TextMessage.class);
        verify(session, times(3)).sendMessage(sent.capture());
        assertThat(sent.getAllValues().stream().map(TextMessage::getPayload))
                .satisfiesExactly(
                        first -> assertThat(first).contains("standing", "up to 6"),
                        second -> assertThat(second).contains("decision", "7"),
                        third -> assertThat(third).contains("decision", "8"));
    }
}
