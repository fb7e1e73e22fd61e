package org.waxbell.app.practice;

import java.util.LinkedHashMap;
import java.util.Map;
import org.waxbell.app.rpc.MixerCalls.Change;
import org.waxbell.app.wiring.Refused;
import org.waxbell.mixer.MixerPicture.Source;

/** The changes that a mixer can be asked for, by their names in the protocol. */
final class PracticeRequests {
    private static final Map<String, Request> BY_NAME = new LinkedHashMap<>();

    static {
        BY_NAME.put("scene.cut", (mixer, by, change) -> mixer.cut(by, change.scene()));
        BY_NAME.put("item.show", (mixer, by, change) -> mixer.show(by, change.scene(), change.source(), change.on()));
        BY_NAME.put("item.place", (mixer, by, change) -> mixer.place(by, change.scene(), change.source(), change.place()));
        BY_NAME.put("item.add", (mixer, by, change) -> mixer.addItem(by, change.scene(), change.source(), change.place()));
        BY_NAME.put("source.address", (mixer, by, change) -> mixer.change(by, change.source(), was -> new Source(was.id(), was.name(), was.kind(),
                was.text(), was.level(), was.muted(), was.filters(), change.text())));
        BY_NAME.put("text.set", (mixer, by, change) -> mixer.change(by, change.source(), was -> new Source(was.id(), was.name(), was.kind(),
                change.text(), was.level(), was.muted(), was.filters(), was.address())));
        BY_NAME.put("level.set", (mixer, by, change) -> mixer.change(by, change.source(), was -> new Source(was.id(), was.name(), was.kind(),
                was.text(), Math.max(0, Math.min(100, change.level())), was.muted(), was.filters(), was.address())));
        BY_NAME.put("mute.set", (mixer, by, change) -> mixer.change(by, change.source(), was -> new Source(was.id(), was.name(), was.kind(),
                was.text(), was.level(), change.on(), was.filters(), was.address())));
        BY_NAME.put("filter.set", (mixer, by, change) -> mixer.filter(by, change.source(), change.filter(), change.on()));
        BY_NAME.put("stream.set", (mixer, by, change) -> mixer.run(by, change.on(), mixer.picture().recording()));
        BY_NAME.put("recording.set", (mixer, by, change) -> mixer.run(by, mixer.picture().streaming(), change.on()));
    }

    private PracticeRequests() {
    }

    /** One kind of change. */
    @FunctionalInterface
    interface Request {
        void perform(PracticeMixer mixer, String by, Change change);
    }

    static Request of(String name) {
        Request request = BY_NAME.get(name);
        if (request == null) {
            throw new Refused("what", name, "The practice mixer cannot do that.", "Choose one of " + BY_NAME.keySet() + ".");
        }
        return request;
    }
}
