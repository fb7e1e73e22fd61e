package org.waxbell.app.practice;

import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.WebSocketHandler;
import org.waxbell.app.hub.KeysOut;
import org.waxbell.app.json.Documents;
import org.waxbell.app.socket.Outboxes;
import org.waxbell.app.socket.Served;
import org.waxbell.app.socket.Topic;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.keys.KeyName;
import org.waxbell.rig.Rig;

/** The dipping rig, which gets the keys that would go to this computer: a game that the crowd steers, and that stands as it was left. */
@Component
public class PracticeRig implements KeysOut, Served {
    private static final String SETTING = "practice.rig";
    private static final long KEEP_MS = 300;
    private final SettingMapper settings;
    private final Documents json;
    private final Topic topic;
    private final ScheduledExecutorService later = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "practice rig");
        thread.setDaemon(true);
        return thread;
    });
    private final Set<String> held = new TreeSet<>();
    private Rig rig;
    private long presses;
    private boolean waits;

    PracticeRig(SettingMapper settings, Documents json, Outboxes outboxes) {
        this.settings = settings;
        this.json = json;
        String kept = settings.get(SETTING);
        this.rig = kept == null ? Rig.fresh() : json.read(kept, Rig.class);
        this.topic = new Topic(outboxes, json, this::standing);
    }

    /** How it stands. @param held keys that are down now @param pots what stands on its bench @param presses how many keys went down since the program began */
    public record RigStands(Rig rig, List<String> held, List<Rig.Pot> pots, long presses) {}

    /** How it stands now. */
    public synchronized RigStands standing() {
        return new RigStands(rig, List.copyOf(held), Rig.POTS, presses);
    }

    @Override
    public String refusal(KeyName key) {
        return "";
    }

    @Override
    public synchronized CompletableFuture<Void> key(KeyName key, boolean down) {
        if (!down) {
            held.removeAll(key.all());
        } else if (held.addAll(key.all())) {
            presses++;
            Rig next = rig.pressed(key.key());
            if (!next.equals(rig)) {
                rig = next;
                keepSoon();
            }
        }
        topic.tell("standing", standing());
        return CompletableFuture.completedFuture(null);
    }

    /** A crowd presses hundreds of keys a second: it is kept a little later, once for all of them. */
    private void keepSoon() {
        if (!waits) {
            waits = true;
            later.schedule(this::keep, KEEP_MS, TimeUnit.MILLISECONDS);
        }
    }

    @PreDestroy
    void keep() {
        Rig now;
        synchronized (this) {
            waits = false;
            now = rig;
        }
        settings.put(SETTING, json.write(now));
    }

    /** A new bench. */
    public synchronized RigStands anew() {
        rig = Rig.fresh();
        keepSoon();
        topic.tell("standing", standing());
        return standing();
    }

    @Override
    public String address() {
        return "/ws/practice/rig";
    }

    @Override
    public WebSocketHandler socket() {
        return topic;
    }
}
