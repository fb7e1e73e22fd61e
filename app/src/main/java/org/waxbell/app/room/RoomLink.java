package org.waxbell.app.room;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.waxbell.app.hub.RoomHub;
import org.waxbell.app.hub.RoomHub.By;
import org.waxbell.app.link.Link;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.link.Trouble;
import org.waxbell.room.DeviceStands;
import org.waxbell.room.LampWish;

/** The link to one room: what is asked of a lamp is done by it, and one that breathes or blinks is moved on until another wish comes. */
final class RoomLink implements Link, RoomHub.Ear {
    /** How often a lamp that moves is told how it stands, in milliseconds; lamps go softly from one to the next by themselves. */
    private static final long STEP_MS = 150;

    private final String address;
    private final RoomHub hub;
    private final LinkLife life;
    private final Watcher watcher;
    private final Map<String, Movement> moving = new HashMap<>();

    /** Is told what the room tells. */
    interface Watcher {
        /** A device stands so. */
        void stands(RoomLink link, DeviceStands now, RoomHub.By by);
    }

    /** @param address as people read it */
    RoomLink(String address, RoomHub hub, LinkLife life, Watcher watcher) {
        this.address = address;
        this.hub = hub;
        this.life = life;
        this.watcher = watcher;
    }

    @Override
    public void open() {
        life.connectsBy(() -> hub.connect(this));
        life.connect();
    }

    @Override
    public void close() {
        synchronized (this) {
            List.copyOf(moving.keySet()).forEach(this::still);
        }
        hub.disconnect();
    }

    @Override
    public void up() {
        life.up();
    }

    @Override
    public void broken(Trouble why) {
        life.broken(why);
    }

    @Override
    public void stands(DeviceStands now, By by) {
        if (by == By.PERSON) {
            if (still(now.name())) {
                // A step of ours may have crossed the hand on its way, and the lamp would keep it.
                hub.set(now.name(), now.light());
            }
            life.heard(now.name() + " is " + now.value());
        }
        watcher.stands(this, now, by);
    }

    /** Whether it works now. */
    boolean works() {
        return life.isUp();
    }

    /** What there is. */
    List<DeviceStands> standing() {
        return hub.standing();
    }

    Optional<DeviceStands> device(String name) {
        return hub.standing().stream().filter(each -> each.name().equals(name)).findFirst();
    }

    /** Why nothing can be done now. */
    String refusal() {
        return life.refusal();
    }

    /** Lets a device do what the value of its target says. Done when it was sent, or fails with a sentence. */
    CompletableFuture<Void> ask(DeviceStands device, String value) {
        Optional<LampWish> wish = LampWish.of(value, device.light());
        if (wish.isEmpty()) {
            return CompletableFuture.failedFuture(
                    new IllegalArgumentException("nothing in the room can be \"" + value + "\""));
        }
        still(device.name());
        if (wish.get().moves()) {
            begin(device.name(), wish.get());
        }
        return hub.set(device.name(), wish.get().at(0)).whenComplete((done, failed) -> {
            if (failed != null) {
                still(device.name());
            }
        });
    }

    /** A lamp that breathes or blinks until it is told otherwise. */
    private final class Movement implements Runnable {
        private final String device;
        private final LampWish wish;
        private final long since = life.now();
        private final Future<?> turns;

        Movement(String device, LampWish wish) {
            this.device = device;
            this.wish = wish;
            this.turns = life.timer().scheduleAtFixedRate(this, STEP_MS, STEP_MS, TimeUnit.MILLISECONDS);
        }

        /** The next step; none leaves once it is stopped, not even one whose turn had come. */
        @Override
        public void run() {
            synchronized (RoomLink.this) {
                if (moving.get(device) == this) {
                    hub.set(device, wish.at(life.now() - since));
                }
            }
        }
    }

    private synchronized void begin(String device, LampWish wish) {
        moving.put(device, new Movement(device, wish));
    }

    /** Whether it moved until now. */
    private synchronized boolean still(String device) {
        Movement was = moving.remove(device);
        if (was != null) {
            was.turns.cancel(false);
        }
        return was != null;
    }

    @Override
    public CompletableFuture<String> test() {
        if (!life.isUp()) {
            return CompletableFuture.failedFuture(new IllegalStateException(life.refusal() + "."));
        }
        long sent = System.nanoTime();
        return hub.ping().thenApply(done -> {
            double millis = (System.nanoTime() - sent) / 1e6;
            life.measured(millis);
            return "It answered in " + Math.round(millis * 10) / 10.0 + " ms: "
                    + hub.standing().size() + " lamps and plugs.";
        });
    }

    @Override
    public List<LinkFact> facts() {
        List<DeviceStands> all = hub.standing();
        return List.of(
                LinkFact.of("Address", address),
                LinkFact.of(
                        "There are",
                        all.isEmpty()
                                ? "no lamps and plugs yet"
                                : String.join(
                                        ", ",
                                        all.stream().map(DeviceStands::name).toList())));
    }
}
