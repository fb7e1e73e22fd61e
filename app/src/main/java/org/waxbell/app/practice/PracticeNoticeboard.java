package org.waxbell.app.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.WebSocketHandler;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.hub.NoticeHub;
import org.waxbell.app.json.Documents;
import org.waxbell.app.media.MediaTokens;
import org.waxbell.app.socket.Outboxes;
import org.waxbell.app.socket.Served;
import org.waxbell.app.socket.Topic;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.directive.PostNotice;

/** Stands for the room where a community reads: notices as they were put up, the newest first. */
@Component
public class PracticeNoticeboard implements NoticeHub, Served {
    private static final String SETTING = "practice.notices";
    private static final int MOST = 50;
    private final SettingMapper settings;
    private final Documents json;
    private final SystemClock clock;
    private final MediaTokens tokens;
    private final Topic topic;
    private final List<Kept> all = new ArrayList<>();

    PracticeNoticeboard(
            SettingMapper settings, Documents json, SystemClock clock, MediaTokens tokens, Outboxes outboxes) {
        this.settings = settings;
        this.json = json;
        this.clock = clock;
        this.tokens = tokens;
        String kept = settings.get(SETTING);
        if (kept != null) {
            all.addAll(List.of(json.read(kept, Kept[].class)));
        }
        this.topic = new Topic(outboxes, json, this::notices);
    }

    /** @param picture the hash of a picture of the shelf, empty text for none */
    record Kept(long at, String words, String picture, String link) {}

    /** A notice. @param at when it was put up, milliseconds since 1970 UTC @param picture its address, empty text for none @param link an address that belongs to it, empty text for none */
    public record Notice(long at, String words, String picture, String link) {}

    /** What stands there, the newest first. */
    public synchronized List<Notice> notices() {
        return all.stream()
                .map(each -> new Notice(
                        each.at(),
                        each.words(),
                        each.picture().isEmpty() ? "" : tokens.address(each.picture()),
                        each.link()))
                .toList();
    }

    @Override
    public synchronized CompletableFuture<Void> post(PostNotice notice) {
        all.add(0, new Kept(clock.now(), notice.words(), notice.picture(), notice.link()));
        while (all.size() > MOST) {
            all.remove(MOST);
        }
        keep();
        return CompletableFuture.completedFuture(null);
    }

    /** Takes everything down. */
    public synchronized void clear() {
        all.clear();
        keep();
    }

    private void keep() {
        settings.put(SETTING, json.write(all));
        topic.tell("standing", notices());
    }

    @Override
    public String address() {
        return "/ws/practice/notices";
    }

    @Override
    public WebSocketHandler socket() {
        return topic;
    }
}
