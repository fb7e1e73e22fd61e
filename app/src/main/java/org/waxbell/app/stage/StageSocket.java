package org.waxbell.app.stage;

import java.net.URI;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketHandler;
import org.springframework.web.socket.WebSocketSession;
import org.springframework.web.socket.handler.TextWebSocketHandler;
import org.waxbell.app.address.StageKeys;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.inbox.Lead;
import org.waxbell.app.json.Documents;
import org.waxbell.app.socket.Outbox;
import org.waxbell.app.socket.Outboxes;
import org.waxbell.app.socket.Served;
import org.waxbell.engine.Completion;
import org.waxbell.rehearsal.Step;
import tools.jackson.core.JacksonException;

/** The socket of stage pages: it says what to show and hears how that went. */
@Component
public class StageSocket extends TextWebSocketHandler implements Served {
    private static final Logger LOG = LoggerFactory.getLogger(StageSocket.class);
    private static final String OUTLET = "outlet=";
    private static final int LONGEST_REASON = 200;
    private final Map<String, StagePage> pages = new ConcurrentHashMap<>();
    private final Map<String, Outbox> outboxes = new ConcurrentHashMap<>();
    private final Outboxes maker;
    private final StageFeed feed;
    private final StageKeys keys;
    private final Documents json;
    private final SystemClock clock;
    private final Inbox loop;
    private final List<StageWatcher> watchers;
    private volatile long lead = Lead.LEAST;

    StageSocket(
            Outboxes maker,
            StageFeed feed,
            StageKeys keys,
            Documents json,
            SystemClock clock,
            Inbox loop,
            List<StageWatcher> watchers) {
        this.maker = maker;
        this.feed = feed;
        this.keys = keys;
        this.json = json;
        this.clock = clock;
        this.loop = loop;
        this.watchers = watchers;
    }

    private record ClockNews(String type, double sent, double now) {}

    @Override
    public void afterConnectionEstablished(WebSocketSession session) {
        outboxes.put(session.getId(), maker.of(session));
    }

    @Override
    public void afterConnectionClosed(WebSocketSession session, CloseStatus status) {
        outboxes.remove(session.getId());
        StagePage page = pages.remove(session.getId());
        if (page != null) {
            feed.leave(page);
            watchers.forEach(watcher -> watcher.pagesChanged(page.stage()));
        }
    }

    @Override
    protected void handleTextMessage(WebSocketSession session, TextMessage message) {
        Outbox outbox = outboxes.get(session.getId());
        try {
            StageReport report = json.read(message.getPayload(), StageReport.class);
            StagePage page = pages.get(session.getId());
            if (page != null) {
                hear(page, report);
            } else if (outbox != null) {
                hello(outbox, report, outlet(session.getUri()));
            }
        } catch (JacksonException | IllegalArgumentException nonsense) {
            LOG.warn("A stage page said what it may not: {}", nonsense.getMessage());
            if (outbox != null) {
                outbox.close(CloseStatus.BAD_DATA);
            }
        }
    }

    /** The outlet that a page sounds alone, as its address says. */
    private static String outlet(@Nullable URI address) {
        String query = address == null || address.getQuery() == null ? "" : address.getQuery();
        return query.startsWith(OUTLET) ? query.substring(OUTLET.length()) : "";
    }

    private void hello(Outbox outbox, StageReport report, String outlet) {
        var admitted = keys.admit(report.key());
        if (!report.type().equals("hello") || admitted.isEmpty()) {
            outbox.close(StageFeed.WRONG_KEY);
            return;
        }
        StagePage page = new StagePage(outbox, admitted.get(), outlet);
        pages.put(outbox.id(), page);
        feed.join(page);
        watchers.forEach(watcher -> watcher.pagesChanged(page.stage()));
    }

    private void hear(StagePage page, StageReport report) {
        switch (report.type()) {
            case "clock" -> page.outbox().post(json.write(new ClockNews("clock", report.sent(), clock.exact())));
            case "ready" -> ready(page, report);
            case "started" -> started(page, report);
            case "voices" -> page.speaks(report.voices());
            case "ended" -> completed(page, report, Completion.ended());
            case "failed" -> completed(page, report, Completion.failed(reason(report)));
            default -> throw new IllegalArgumentException("no such message: " + report.type());
        }
    }

    private void ready(StagePage page, StageReport report) {
        page.reports(report.roundTrip(), report.sounds());
        watchers.forEach(watcher -> watcher.pagesChanged(page.stage()));
        long wanted = Lead.of(feed.worstRoundTrip());
        if (wanted != lead) {
            lead = wanted;
            loop.step(at -> new Step.Led(at, wanted));
        }
    }

    private void started(StagePage page, StageReport report) {
        if (!page.preview()) {
            watchers.forEach(watcher -> watcher.started(report.partRun(), report.at()));
        }
    }

    private void completed(StagePage page, StageReport report, Completion result) {
        String partRun = report.partRun();
        boolean another = result.kind() == Completion.Kind.FAILED
                && feed.pages(page.stage(), page.outlet()).stream().anyMatch(each -> each != page && each.sounds());
        // One page that cannot do it is no failure while another can.
        if (!page.preview() && !another) {
            loop.completed(partRun, result);
        }
    }

    private static String reason(StageReport report) {
        String why = report.why();
        return why.length() > LONGEST_REASON ? why.substring(0, LONGEST_REASON) : why;
    }

    @Override
    public String address() {
        return "/ws/stage";
    }

    @Override
    public WebSocketHandler socket() {
        return this;
    }
}
