package org.waxbell.app.practice;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.WebSocketHandler;
import org.waxbell.app.address.StageKeys;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.rpc.MixerCalls.News.Level;
import org.waxbell.app.security.SecretBox;
import org.waxbell.app.socket.Outboxes;
import org.waxbell.app.socket.Served;
import org.waxbell.app.socket.Topic;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.mixer.MixerChange;
import org.waxbell.mixer.MixerPicture;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.node.ObjectNode;

/** Stands for the broadcasting software: keeps its picture, and lets it be changed by whoever links to it and by hand on its page. */
@Component
public class PracticeMixer implements Served {
    /** The hand of a person at the mixer. */
    private static final String HAND = "hand";

    private static final String SETTING = "practice.mixer";
    private static final int MOST_REMEMBERED = 1_000;
    private final SettingMapper settings;
    /** Addresses of stages stand in the picture, and each has a secret. */
    private final SecretBox box;

    private final Documents json;
    private final Topic topic;
    private final List<Audience> audience = new CopyOnWriteArrayList<>();
    private final Map<String, String> done = new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, String> eldest) {
            return size() > MOST_REMEMBERED;
        }
    };
    private MixerPicture picture;

    PracticeMixer(SettingMapper settings, SecretBox box, StageKeys keys, Documents json, Outboxes outboxes) {
        this.settings = settings;
        this.box = box;
        this.json = json;
        this.picture = kept(keys.key("main"));
        // One that an older program kept in clear is locked from now on.
        keep(picture);
        this.topic = new Topic(outboxes, json, this::picture);
    }

    private MixerPicture kept(String key) {
        String locked = settings.get(SETTING);
        if (locked != null) {
            String kept = locked.startsWith("{") ? locked : box.open(locked);
            try {
                return json.read(
                        PracticePicture.sized((ObjectNode) json.tree(kept)).toString(), MixerPicture.class);
            } catch (JacksonException older) {
                // Before it had sources of its own it kept a scene and a key; it begins anew with the key that it was
                // given.
                String before = json.tree(kept).path("key").asString(key);
                return PracticePicture.first("/stage#k=" + before)
                        .cutTo(json.tree(kept).path("current").asString("bench"));
            }
        }
        return PracticePicture.first("/stage#k=" + key);
    }

    private void keep(MixerPicture now) {
        settings.put(SETTING, box.lock(json.write(now)));
    }

    /** Whoever links to it. */
    interface Audience {
        void changed(String by, MixerPicture picture);

        void levels(List<Level> levels);
    }

    void join(Audience each) {
        audience.add(each);
    }

    void leave(Audience each) {
        audience.remove(each);
    }

    /** How it stands. */
    public synchronized MixerPicture picture() {
        return picture;
    }

    /** The page of the mixer measured how loud its sources are. */
    public void sounds(List<Level> levels) {
        audience.forEach(each -> each.levels(levels));
    }

    /** Does what a request of that name asks for, once; a repeat is answered as the first was: with the source that it is about. */
    synchronized String once(String once, MixerChange change) {
        String before = once.isEmpty() ? null : done.get(once);
        if (before == null) {
            before = become(once, change).source();
            done.put(once, before);
        }
        return before;
    }

    /** What a person does on its page; throws {@link Refused}. */
    public MixerPicture byHand(MixerChange change) {
        return become(HAND, change).picture();
    }

    private synchronized MixerChange.Result become(String by, MixerChange change) {
        MixerChange.Result result = change.on(picture);
        if (!result.refusal().isEmpty()) {
            throw new Refused(
                    "what",
                    change.what(),
                    "The practice mixer does not do that: " + result.refusal() + ".",
                    "Choose what its page shows.");
        }
        picture = result.picture();
        keep(picture);
        audience.forEach(each -> each.changed(by, picture));
        topic.tell("standing", picture);
        return result;
    }

    @Override
    public String address() {
        return "/ws/practice/mixer";
    }

    @Override
    public WebSocketHandler socket() {
        return topic;
    }
}
