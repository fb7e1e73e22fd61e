package org.waxbell.app.room;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.waxbell.app.hub.RoomHub.By;
import org.waxbell.app.json.Documents;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.link.Device;
import org.waxbell.room.DeviceSort;
import org.waxbell.room.DeviceStands;
import org.waxbell.room.Light;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

/** How the devices of a broker stand: what each told last, what it was asked, and so whether a person is behind what it tells now. */
final class MqttDevices {
    /** How long what a device tells may be the echo of what it was asked. */
    private static final long ECHO_NANOS = 3_000_000_000L;

    private static final int MOST_ECHOES = 40;
    private static final String SETTING = "room.asked";
    private static final double PERCENT = 100;
    private final Map<String, Kept> all = new LinkedHashMap<>();
    private final SettingMapper settings;
    private final Documents json;

    private static final class Kept {
        private final Device device;
        private final Deque<Echo> asked = new ArrayDeque<>();
        private Light light = Light.OFF;

        private Kept(Device device) {
            this.device = device;
        }

        private DeviceStands stands() {
            return new DeviceStands(device.name(), device.sort(), light);
        }
    }

    private record Echo(Light light, long at) {}

    /** @param by who is behind it */
    record Told(DeviceStands stands, By by) {}

    MqttDevices(List<Device> devices, SettingMapper settings, Documents json) {
        this.settings = settings;
        this.json = json;
        devices.forEach(each -> all.put(each.name(), new Kept(each)));
        String kept = settings.get(SETTING);
        if (kept != null) {
            for (DeviceStands each : json.read(kept, DeviceStands[].class)) {
                Kept known = all.get(each.name());
                if (known != null && known.device.tells().isEmpty()) {
                    known.light = each.light();
                }
            }
        }
    }

    synchronized List<DeviceStands> all() {
        return all.values().stream().map(Kept::stands).toList();
    }

    /** Those that tell nothing of themselves, as they were asked to stand last. */
    synchronized List<DeviceStands> untold() {
        return all.values().stream()
                .filter(each -> each.device.tells().isEmpty())
                .map(Kept::stands)
                .toList();
    }

    /** The topics on which they tell how they stand. */
    Set<String> topics() {
        Set<String> topics = new LinkedHashSet<>();
        all.values().stream()
                .map(each -> each.device.tells())
                .filter(topic -> !topic.isEmpty())
                .forEach(topics::add);
        return topics;
    }

    /** The device of that name; throws {@link IllegalArgumentException} where there is none. */
    Device device(String name) {
        return kept(name).device;
    }

    private Kept kept(String name) {
        Kept found = all.get(name);
        if (found == null) {
            throw new IllegalArgumentException("the room has nothing called " + name);
        }
        return found;
    }

    /** A device was asked to stand so. */
    synchronized void asked(Device device, Light light) {
        Kept kept = kept(device.name());
        kept.light = light;
        if (device.tells().isEmpty()) {
            // Nothing else says after a restart how it stands.
            settings.put(SETTING, json.write(untold()));
        } else {
            kept.asked.addLast(new Echo(light, System.nanoTime()));
            if (kept.asked.size() > MOST_ECHOES) {
                kept.asked.removeFirst();
            }
        }
    }

    /** What a topic told of those that tell by it; what cannot be read is passed over. @param found whether the broker had kept it */
    synchronized List<Told> told(String topic, String payload, boolean found) {
        List<Told> news = new ArrayList<>();
        for (Kept each : all.values()) {
            Light light = each.device.tells().equals(topic) ? read(each, payload) : null;
            if (light == null) {
                continue;
            }
            By by = found ? By.FOUND : isEcho(each, light) ? By.US : By.PERSON;
            each.light = light;
            news.add(new Told(each.stands(), by));
        }
        return news;
    }

    private static boolean isEcho(Kept kept, Light light) {
        kept.asked.removeIf(each -> System.nanoTime() - each.at() > ECHO_NANOS);
        return same(kept.device, light, kept.light)
                || kept.asked.stream().anyMatch(each -> same(kept.device, light, each.light()));
    }

    /** Whether a device that rounds its brightness means the same. */
    private static boolean same(Device device, Light one, Light other) {
        if (one.on() != other.on()) {
            return false;
        }
        return !one.on()
                || device.sort() == DeviceSort.PLUG
                || (device.colour().isEmpty() || one.colour().equals(other.colour()))
                        && (device.brightness().isEmpty()
                                || Math.abs(one.brightness() - other.brightness()) <= 1 + PERCENT / device.most());
    }

    private @Nullable Light read(Kept kept, String payload) {
        Device device = kept.device;
        JsonNode told;
        try {
            told = device.state().isEmpty() ? null : json.tree(payload);
        } catch (JacksonException noJson) {
            return null;
        }
        String word = told == null
                ? payload.strip()
                : told.at(JsonPointer.compile(device.state())).asString("");
        if (!word.equalsIgnoreCase(device.onWord()) && !word.equalsIgnoreCase(device.offWord())) {
            return null;
        }
        boolean on = word.equalsIgnoreCase(device.onWord());
        Light before = kept.light;
        if (told == null || device.sort() == DeviceSort.PLUG) {
            return new Light(on, before.colour(), before.brightness());
        }
        int brightness = number(told, device.brightness())
                .map(level -> (int) Math.round(level * PERCENT / device.most()))
                .orElse(before.brightness());
        return new Light(on, colour(told, device.colour()).orElse(before.colour()), before.brightness())
                .dimmed(on ? brightness : before.brightness());
    }

    private static Optional<Double> number(JsonNode told, String pointer) {
        JsonNode found = pointer.isEmpty() ? null : told.at(JsonPointer.compile(pointer));
        return found != null && found.isNumber() ? Optional.of(found.asDouble()) : Optional.empty();
    }

    private static Optional<String> colour(JsonNode told, String pointer) {
        if (pointer.isEmpty()) {
            return Optional.empty();
        }
        JsonNode found = told.at(JsonPointer.compile(pointer));
        if (found.isObject() && found.has("r") && found.has("g") && found.has("b")) {
            return Optional.of(String.format(
                    "#%02x%02x%02x",
                    found.path("r").asInt(0) & 0xff,
                    found.path("g").asInt(0) & 0xff,
                    found.path("b").asInt(0) & 0xff));
        }
        String text = found.asString("");
        return text.matches("#[0-9a-fA-F]{6}") ? Optional.of(text) : Optional.empty();
    }
}
