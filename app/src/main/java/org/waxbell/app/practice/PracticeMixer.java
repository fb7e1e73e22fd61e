package org.waxbell.app.practice;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.rpc.MixerCalls.Change;
import org.waxbell.app.rpc.MixerCalls.Made;
import org.waxbell.app.rpc.MixerCalls.NewSource;
import org.waxbell.app.rpc.MixerCalls.News.Level;
import org.waxbell.app.socket.Outboxes;
import org.waxbell.app.socket.Topic;
import org.waxbell.app.stage.StageKeys;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.app.wiring.Refused;
import org.waxbell.mixer.MixerPicture.Filter;
import org.waxbell.mixer.MixerPicture.Item;
import org.waxbell.mixer.MixerPicture.Place;
import org.waxbell.mixer.MixerPicture.Source;
import org.waxbell.mixer.MixerPicture;
import tools.jackson.core.JacksonException;

/** Stands for the broadcasting software: keeps its picture, and lets it be changed by whoever links to it and by hand on its page. */
@Component
public class PracticeMixer {
    /** The hand of a person at the mixer. */
    public static final String HAND = "hand";
    private static final String SETTING = "practice.mixer";
    private static final int MOST_REMEMBERED = 1_000;
    private static final int MOST_SOURCES = 200;
    private final SettingMapper settings;
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

    PracticeMixer(SettingMapper settings, StageKeys keys, Documents json, Outboxes outboxes) {
        this.settings = settings;
        this.json = json;
        this.picture = kept(keys.key("main"));
        this.topic = new Topic(outboxes, json, this::picture);
    }

    private MixerPicture kept(String key) {
        String kept = settings.get(SETTING);
        if (kept != null) {
            try {
                return json.read(kept, MixerPicture.class);
            } catch (JacksonException older) {
                // Before it had sources of its own it kept a scene and a key; it begins anew with the key that it was given.
                String before = json.tree(kept).path("key").asString(key);
                return PracticePicture.first("/stage#k=" + before).cutTo(json.tree(kept).path("current").asString("bench"));
            }
        }
        MixerPicture first = PracticePicture.first("/stage#k=" + key);
        settings.put(SETTING, json.write(first));
        return first;
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

    /** The socket of its page. */
    public Topic topic() {
        return topic;
    }

    /** How it stands. */
    public synchronized MixerPicture picture() {
        return picture;
    }

    /** The page of the mixer measured how loud its sources are. */
    public void sounds(List<Level> levels) {
        audience.forEach(each -> each.levels(levels));
    }

    private synchronized MixerPicture become(String by, UnaryOperator<MixerPicture> change) {
        picture = change.apply(picture);
        settings.put(SETTING, json.write(picture));
        MixerPicture now = picture;
        audience.forEach(each -> each.changed(by, now));
        topic.tell("standing", now);
        return now;
    }

    /** Does what a request of that name asks for, once; a repeat is answered as the first was. */
    synchronized String once(String once, Supplier<String> work) {
        if (once.isEmpty()) {
            return work.get();
        }
        String before = done.get(once);
        if (before == null) {
            before = work.get();
            done.put(once, before);
        }
        return before;
    }

    /** Puts a scene on programme. */
    public MixerPicture cut(String by, String scene) {
        known(scene);
        return become(by, now -> now.cutTo(scene));
    }

    private void known(String scene) {
        if (picture().scene(scene).isEmpty()) {
            throw new Refused("scene", scene, "The practice mixer has no such scene.", "Choose one of "
                    + picture().scenes().stream().map(MixerPicture.Scene::id).toList() + ".");
        }
    }

    private Source source(String id) {
        return picture().source(id).orElseThrow(() -> new Refused("source", id, "The practice mixer has no such source.", "Choose one of "
                + picture().sources().stream().map(Source::id).toList() + "."));
    }

    /** Shows or hides a source, in one scene or, where that is empty text, in all. */
    public MixerPicture show(String by, String scene, String source, boolean shown) {
        stands(scene, source);
        return become(by, now -> now.withItems(scene, source, item -> new Item(source, shown, item.place())));
    }

    /** Moves a source, in one scene or in all. */
    public MixerPicture place(String by, String scene, String source, Place place) {
        stands(scene, source);
        return become(by, now -> now.withItems(scene, source, item -> new Item(source, item.shown(), place)));
    }

    private void stands(String scene, String source) {
        source(source);
        if (!scene.isEmpty()) {
            known(scene);
            if (picture().scene(scene).flatMap(each -> each.item(source)).isEmpty()) {
                throw new Refused("source", source, "That source does not stand in this scene.", "Add it there first.");
            }
        }
    }

    /** Lets a source stand in a scene, in front of all others; where it stands already it is shown. */
    public MixerPicture addItem(String by, String scene, String source, Place place) {
        known(scene);
        source(source);
        if (picture().scene(scene).flatMap(each -> each.item(source)).isPresent()) {
            return show(by, scene, source, true);
        }
        return become(by, now -> now.withItem(scene, new Item(source, true, place)));
    }

    /** Makes a browser source, which stands nowhere yet. */
    Made addSource(String by, NewSource wanted) {
        if (picture().sources().size() >= MOST_SOURCES) {
            throw new Refused("name", wanted.name(), "The practice mixer has no room for more than " + MOST_SOURCES + " sources.", "Use one that is there.");
        }
        String base = wanted.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        String id = base;
        for (int i = 2; picture().source(id).isPresent(); i++) {
            id = base + "-" + i;
        }
        Source made = new Source(id, wanted.name(), "browser", "", 100, false, List.of(), wanted.address());
        become(by, now -> now.withSource(made));
        return new Made(id);
    }

    /** Changes a source: its words, level, silence or address. */
    public MixerPicture change(String by, String id, UnaryOperator<Source> change) {
        source(id);
        return become(by, now -> now.withSource(id, change));
    }

    /** Sets a filter of a source on or off. */
    public MixerPicture filter(String by, String id, String filter, boolean on) {
        if (source(id).filters().stream().noneMatch(each -> each.id().equals(filter))) {
            throw new Refused("filter", filter, "That source has no such filter.", "Choose one of " + source(id).filters().stream().map(Filter::id).toList() + ".");
        }
        return change(by, id, was -> new Source(was.id(), was.name(), was.kind(), was.text(), was.level(), was.muted(),
                was.filters().stream().map(each -> each.id().equals(filter) ? new Filter(filter, each.name(), on) : each).toList(), was.address()));
    }

    /** Streams and records, or not. */
    public MixerPicture run(String by, boolean streams, boolean records) {
        return become(by, now -> now.running(streams, records));
    }

    /** What a person does on its page. @param what the name of a request of the protocol, such as {@code text.set} */
    public MixerPicture byHand(String what, Change change) {
        PracticeRequests.of(what).perform(this, HAND, change);
        return picture();
    }
}
