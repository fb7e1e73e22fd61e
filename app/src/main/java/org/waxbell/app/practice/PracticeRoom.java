package org.waxbell.app.practice;

import jakarta.annotation.PreDestroy;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.WebSocketHandler;
import org.waxbell.app.hub.RoomHub;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.socket.Outboxes;
import org.waxbell.app.socket.Served;
import org.waxbell.app.socket.Topic;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.room.DeviceSort;
import org.waxbell.room.DeviceStands;
import org.waxbell.room.Light;

/** Stands for the lamps and plugs of a room: they stand as they were left, as real ones do, and can be switched by hand on its page. */
@Component
public class PracticeRoom implements RoomHub, Served {
    private static final String SETTING = "practice.room";
    private static final List<DeviceStands> FIRST = List.of(
            new DeviceStands("Bench", DeviceSort.LAMP, new Light(true, "#ffe0a8", 70)),
            new DeviceStands("Shelf", DeviceSort.LAMP, new Light(true, "#f2b457", 40)),
            new DeviceStands("Window", DeviceSort.LAMP, new Light(false, "#9fd0c6", 100)),
            new DeviceStands("Kettle", DeviceSort.PLUG, Light.OFF),
            new DeviceStands("Fan", DeviceSort.PLUG, Light.OFF));
    private final SettingMapper settings;
    private final Documents json;
    private final Topic topic;
    private final Map<String, DeviceStands> all = new LinkedHashMap<>();
    private final KeptSoon kept = new KeptSoon("practice room", this::keep);
    private @Nullable Ear ear;

    PracticeRoom(SettingMapper settings, Documents json, Outboxes outboxes) {
        this.settings = settings;
        this.json = json;
        FIRST.forEach(each -> all.put(each.name(), each));
        String left = settings.get(SETTING);
        if (left != null) {
            for (DeviceStands each : json.read(left, DeviceStands[].class)) {
                all.replace(each.name(), each);
            }
        }
        this.topic = new Topic(outboxes, json, this::standing);
    }

    @Override
    public void connect(Ear next) {
        List<DeviceStands> found;
        synchronized (this) {
            ear = next;
            found = standing();
        }
        next.up();
        // As they were before anything could be asked of them: what they are put back to.
        found.forEach(each -> next.stands(each, By.FOUND));
    }

    @Override
    public synchronized void disconnect() {
        ear = null;
    }

    @Override
    public synchronized List<DeviceStands> standing() {
        return List.copyOf(all.values());
    }

    @Override
    public CompletableFuture<Void> ping() {
        return CompletableFuture.completedFuture(null);
    }

    @Override
    public CompletableFuture<Void> set(String device, Light light) {
        return become(device, light, By.US)
                ? CompletableFuture.completedFuture(null)
                : CompletableFuture.failedFuture(
                        new IllegalArgumentException("the practice room has nothing called " + device));
    }

    /** What a person does on its page; throws {@link Refused}. */
    public List<DeviceStands> byHand(String device, Light light) {
        if (!become(device, light, By.PERSON)) {
            throw new Refused("name", device, "The practice room has no such thing.", "Choose what its page shows.");
        }
        return standing();
    }

    private void keep() {
        settings.put(SETTING, json.write(standing()));
    }

    @PreDestroy
    void end() {
        kept.end();
    }

    private boolean become(String device, Light light, By by) {
        DeviceStands now;
        Ear hears;
        synchronized (this) {
            DeviceStands before = all.get(device);
            if (before == null) {
                return false;
            }
            now = before.standing(light);
            all.put(device, now);
            kept.soon();
            hears = ear;
            topic.tell("standing", List.copyOf(all.values()));
        }
        if (hears != null) {
            hears.stands(now, by);
        }
        return true;
    }

    @Override
    public String address() {
        return "/ws/practice/room";
    }

    @Override
    public WebSocketHandler socket() {
        return topic;
    }
}
