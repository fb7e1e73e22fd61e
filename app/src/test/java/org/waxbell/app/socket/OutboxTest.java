package org.waxbell.app.socket;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Queue;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;

class OutboxTest {
    private final WebSocketSession session = mock();
    private final Queue<Runnable> work = new ArrayDeque<>();
    private final Outbox outbox = new Outbox(session, work::add);

    @BeforeEach
    void open() {
        when(session.isOpen()).thenReturn(true);
    }

    @Test
    void messagesLeaveInOrderAndOneWorkerServesThemAll() throws IOException {
        outbox.post("one");
        outbox.post("two");
        assertThat(work).hasSize(1);
        work.remove().run();
        ArgumentCaptor<TextMessage> sent = ArgumentCaptor.forClass(TextMessage.class);
        verify(session, times(2)).sendMessage(sent.capture());
        assertThat(sent.getAllValues()).extracting(TextMessage::getPayload).containsExactly("one", "two");
        outbox.post("three");
        assertThat(work).hasSize(1);
    }

    @Test
    void aPageThatFallsFarBehindIsLetGo() throws IOException {
        for (int i = 0; i < 2_002; i++) {
            outbox.post("news");
        }
        verify(session).close(CloseStatus.SESSION_NOT_RELIABLE);
    }

    @Test
    void aPageThatIsGoneHarmsNobody() throws IOException {
        doThrow(new IOException("gone")).when(session).sendMessage(any());
        outbox.post("one");
        outbox.post("two");
        work.remove().run();
        verify(session, times(2)).sendMessage(any());
    }
}
