package org.waxbell.app.practice;

import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.CompletableFuture;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.WebSocketHandler;
import org.waxbell.app.hub.ComputerHub;
import org.waxbell.app.json.Documents;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.app.socket.Outboxes;
import org.waxbell.app.socket.Served;
import org.waxbell.app.socket.Topic;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.keys.KeyName;
import org.waxbell.keys.Verb;
import org.waxbell.rig.Rig;

/** The dipping rig, which gets the keys that would go to this computer: a game that the crowd steers, and that stands as it was left. */
@Component
public class PracticeRig implements ComputerHub, Served {
    private static final String SETTING = "practice.rig";
    private static final int DONE = 5;
    private final SettingMapper settings;
    private final Documents json;
    private final Topic topic;
    /** A crowd presses hundreds of keys a second. */
    private final KeptSoon kept = new KeptSoon("practice rig", this::keep);
    /** What else was asked of it, the newest first. */
    private final List<String> done = new ArrayList<>();

    private final Set<String> held = new TreeSet<>();
    private Rig rig;
    private long presses;

    PracticeRig(SettingMapper settings, Documents json, Outboxes outboxes) {
        this.settings = settings;
        this.json = json;
        String left = settings.get(SETTING);
        this.rig = left == null ? Rig.fresh() : json.read(left, Rig.class);
        this.topic = new Topic(outboxes, json, this::standing);
    }

    /** How it stands. @param held keys that are down now @param pots what stands on its bench @param presses how many keys went down since the program began @param done what else was asked of it, the newest first */
    public record RigStands(Rig rig, List<String> held, List<Rig.Pot> pots, long presses, List<String> done) {}

    /** How it stands now. */
    public synchronized RigStands standing() {
        return new RigStands(rig, List.copyOf(held), Rig.POTS, presses, List.copyOf(done));
    }

    @Override
    public synchronized void connect(Ear ear) {
        ear.up();
    }

    @Override
    public synchronized void disconnect() {
        held.clear();
        topic.tell("standing", standing());
    }

    @Override
    public String refusal(KeyName key) {
        return "";
    }

    @Override
    public synchronized CompletableFuture<Void> act(Verb verb, List<String> words, long limitMs) {
        String what = switch (verb) {
            case TYPE -> "typed " + words.get(0).strip();
            case MOVE -> "moved to " + String.join(", ", words);
            case CLICK -> "clicked at " + words.get(0) + ", " + words.get(1);
            case START -> "started " + words.get(0);
            case END -> "ended " + words.get(0);
        };
        done.add(0, what);
        if (done.size() > DONE) {
            done.remove(DONE);
        }
        topic.tell("standing", standing());
        return CompletableFuture.completedFuture(null);
    }

    @Override
    public List<String> keys() {
        return List.of();
    }

    @Override
    public List<String> programs() {
        return List.of("Glaze timer");
    }

    @Override
    public List<LinkFact> facts() {
        return List.of(
                LinkFact.of("Address", "the practice dipping rig"), LinkFact.of("Reaches", "no key of this computer"));
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
                kept.soon();
            }
        }
        topic.tell("standing", standing());
        return CompletableFuture.completedFuture(null);
    }

    private void keep() {
        Rig now;
        synchronized (this) {
            now = rig;
        }
        settings.put(SETTING, json.write(now));
    }

    @PreDestroy
    void end() {
        kept.end();
    }

    /** A new bench. */
    public synchronized RigStands anew() {
        rig = Rig.fresh();
        kept.soon();
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
