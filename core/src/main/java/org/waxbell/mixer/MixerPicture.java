package org.waxbell.mixer;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.waxbell.event.Target;

/**
 * How the mixer stands: its scenes and what stands in them, its sources, what is on programme. It is also the message in which a
 * mixer tells that; what is not told counts as empty.
 *
 * @param number  counts up with every change
 * @param current id of the scene on programme
 * @param width   of what is on programme, in pixels; 0 where the mixer does not tell
 * @param height  likewise
 */
public record MixerPicture(
        long number,
        String current,
        List<Scene> scenes,
        List<Source> sources,
        boolean streaming,
        boolean recording,
        int width,
        int height) {
    /** A mixer of which nothing is known. */
    public static final MixerPicture NONE = new MixerPicture(0, "", List.of(), List.of(), false, false, 0, 0);

    public MixerPicture {
        current = orEmpty(current);
        scenes = copy(scenes);
        sources = copy(sources);
    }

    private static <T> List<T> copy(List<T> list) {
        return list == null ? List.of() : List.copyOf(list);
    }

    private static String orEmpty(String text) {
        return text == null ? "" : text;
    }

    /** A scene. @param items what stands in it, the hindmost first */
    public record Scene(String id, String name, List<Item> items) {
        public Scene {
            items = copy(items);
        }

        /** The source as it stands here; empty where it does not. */
        public Optional<Item> item(String source) {
            return items.stream().filter(each -> each.source().equals(source)).findFirst();
        }
    }

    /** A source as it stands in a scene. */
    public record Item(String source, boolean shown, Place place) {}

    /** Where something stands in the picture, in pixels. */
    public record Place(int left, int top, int width, int height) {
        /** As a value of a target. */
        public String inWords() {
            return left + "," + top + "," + width + "," + height;
        }

        /** Read from a value of a target that was checked. */
        public static Place of(String words) {
            String[] numbers = words.split(",");
            return new Place(
                    Integer.parseInt(numbers[0]),
                    Integer.parseInt(numbers[1]),
                    Integer.parseInt(numbers[2]),
                    Integer.parseInt(numbers[3]));
        }
    }

    /**
     * A source.
     *
     * @param kind    {@code camera}, {@code picture}, {@code text}, {@code browser} or {@code sound}; others may come
     * @param text    what a text source says
     * @param level   how loud it is, in percent
     * @param address what a browser source loads
     */
    public record Source(
            String id,
            String name,
            String kind,
            String text,
            int level,
            boolean muted,
            List<Filter> filters,
            String address) {
        public Source {
            text = orEmpty(text);
            filters = copy(filters);
            address = orEmpty(address);
        }
    }

    /** A filter or treatment of a source. */
    public record Filter(String id, String name, boolean on) {}

    /** Where something of that size stands so that all of it is on programme: at its own size where it fits or nothing is known, else as large as it can be. */
    public Place fitted(int wide, int high) {
        boolean fits = width <= 0 || height <= 0 || wide <= width && high <= height;
        double by = fits ? 1 : Math.min((double) width / wide, (double) height / high);
        return new Place(0, 0, (int) Math.round(wide * by), (int) Math.round(high * by));
    }

    /** The scenes, by name, in which a part of such a source lies outside what is on programme. */
    public List<String> cropping(List<String> of) {
        return scenes.stream()
                .filter(scene -> scene.items().stream()
                        .anyMatch(item -> of.contains(item.source()) && item.shown() && liesOutside(item.place())))
                .map(Scene::name)
                .toList();
    }

    private boolean liesOutside(Place place) {
        return width > 0
                && height > 0
                && (place.left() < 0
                        || place.top() < 0
                        || place.left() + place.width() > width
                        || place.top() + place.height() > height);
    }

    /** What the scene on programme is called. */
    public String programme() {
        return scene(current).map(Scene::name).orElse(current);
    }

    /** The scene of that id. */
    public Optional<Scene> scene(String id) {
        return scenes.stream().filter(each -> each.id().equals(id)).findFirst();
    }

    /** The source of that id. */
    public Optional<Source> source(String id) {
        return sources.stream().filter(each -> each.id().equals(id)).findFirst();
    }

    /** How a target stands, in the words of its kind; empty where there is no such thing. */
    public Optional<String> valueOf(Target target) {
        String name = target.name();
        return switch (target.kind()) {
            case SCENE -> current.isEmpty() ? Optional.empty() : Optional.of(current);
            case SOURCE ->
                items(name).isEmpty()
                        ? Optional.empty()
                        : Optional.of(items(name).stream().anyMatch(Item::shown) ? "shown" : "hidden");
            case PLACE ->
                items(name).stream().findFirst().map(item -> item.place().inWords());
            case TEXT -> source(name).map(Source::text);
            case LEVEL -> source(name).map(source -> Integer.toString(source.level()));
            case MUTE -> source(name).map(source -> source.muted() ? "muted" : "open");
            case FILTER -> filter(name).map(filter -> onOff(filter.on()));
            case STREAM -> Optional.of(onOff(streaming));
            case RECORDING -> Optional.of(onOff(recording));
            case LAMP, PLUG, KEY, SHUTTERS, RACK -> Optional.empty();
        };
    }

    private static String onOff(boolean on) {
        return on ? "on" : "off";
    }

    /** The items that a name means: {@code scene/source} one, {@code source} all of them. */
    private List<Item> items(String name) {
        int slash = name.indexOf('/');
        String inScene = slash < 0 ? "" : name.substring(0, slash);
        String source = name.substring(slash + 1);
        return scenes.stream()
                .filter(scene -> inScene.isEmpty() || scene.id().equals(inScene))
                .flatMap(scene -> scene.item(source).stream())
                .toList();
    }

    private Optional<Filter> filter(String name) {
        int slash = name.indexOf('/');
        return slash < 0
                ? Optional.empty()
                : source(name.substring(0, slash))
                        .flatMap(source -> source.filters().stream()
                                .filter(each -> each.id().equals(name.substring(slash + 1)))
                                .findFirst());
    }

    /** The ids of the sources that load such an address. */
    public List<String> loading(Predicate<String> address) {
        return sources.stream()
                .filter(each -> address.test(each.address()))
                .map(Source::id)
                .toList();
    }

    /** How one of these sources stands on programme, at its best. */
    public Standing standing(List<String> which) {
        if (which.isEmpty()) {
            return Standing.NOWHERE;
        }
        List<Item> here = scene(current).map(Scene::items).orElse(List.of()).stream()
                .filter(item -> which.contains(item.source()))
                .toList();
        return here.isEmpty()
                ? Standing.OTHER_SCENE
                : here.stream().anyMatch(Item::shown) ? Standing.SHOWN : Standing.HIDDEN;
    }

    /** How a source stands on programme. */
    public enum Standing {
        /** No source is like that. */
        NOWHERE,
        /** It stands in other scenes only. */
        OTHER_SCENE,
        /** It stands in the scene on programme and is hidden. */
        HIDDEN,
        /** It is shown. */
        SHOWN
    }

    /** The same with another scene on programme. */
    public MixerPicture cutTo(String scene) {
        return new MixerPicture(number + 1, scene, scenes, sources, streaming, recording, width, height);
    }

    /** The same, streaming or not, recording or not. */
    public MixerPicture running(boolean streams, boolean records) {
        return new MixerPicture(number + 1, current, scenes, sources, streams, records, width, height);
    }

    /** The same with the items of a source changed, in one scene or, where {@code scene} is empty, in all. */
    public MixerPicture withItems(String scene, String source, UnaryOperator<Item> change) {
        List<Scene> next = scenes.stream()
                .map(each -> !scene.isEmpty() && !each.id().equals(scene)
                        ? each
                        : new Scene(
                                each.id(),
                                each.name(),
                                each.items().stream()
                                        .map(item -> item.source().equals(source) ? change.apply(item) : item)
                                        .toList()))
                .toList();
        return new MixerPicture(number + 1, current, next, sources, streaming, recording, width, height);
    }

    /** The same with a source standing in front of all others of a scene. */
    public MixerPicture withItem(String scene, Item item) {
        List<Scene> next = scenes.stream()
                .map(each -> each.id().equals(scene) ? new Scene(scene, each.name(), append(each.items(), item)) : each)
                .toList();
        return new MixerPicture(number + 1, current, next, sources, streaming, recording, width, height);
    }

    /** The same with a source changed. */
    public MixerPicture withSource(String id, UnaryOperator<Source> change) {
        return new MixerPicture(
                number + 1,
                current,
                scenes,
                sources.stream()
                        .map(each -> each.id().equals(id) ? change.apply(each) : each)
                        .toList(),
                streaming,
                recording,
                width,
                height);
    }

    /** The same with one more source, which stands nowhere yet. */
    public MixerPicture withSource(Source source) {
        return new MixerPicture(
                number + 1, current, scenes, append(sources, source), streaming, recording, width, height);
    }

    private static <T> List<T> append(List<T> list, T last) {
        List<T> all = new ArrayList<>(list);
        all.add(last);
        return all;
    }
}
