package org.waxbell.mixer;

import java.util.List;
import java.util.Locale;
import org.waxbell.event.Target;
import org.waxbell.mixer.MixerPicture.Filter;
import org.waxbell.mixer.MixerPicture.Item;
import org.waxbell.mixer.MixerPicture.Place;
import org.waxbell.mixer.MixerPicture.Source;

/**
 * A change of how the mixer stands, and the message in which it is asked for; what a kind does not need is left empty.
 *
 * @param what   its kind, by the names of {@code docs/formats/mixer-link.md}, such as {@code scene.cut}
 * @param scene  id of a scene; empty text for every scene where the source stands
 * @param source id of a source, or the name of one to be made
 * @param text   words, or an address
 * @param level  in percent
 */
public record MixerChange(
        String what, String scene, String source, String text, int level, boolean on, String filter, Place place) {
    private static final Place NOWHERE = new Place(0, 0, 0, 0);
    private static final int MOST_SOURCES = 200;

    public MixerChange {
        what = orEmpty(what);
        scene = orEmpty(scene);
        source = orEmpty(source);
        text = orEmpty(text);
        filter = orEmpty(filter);
        place = place == null ? NOWHERE : place;
    }

    private static String orEmpty(String text) {
        return text == null ? "" : text;
    }

    /** Puts a scene on programme. */
    public static MixerChange cut(String scene) {
        return new MixerChange("scene.cut", scene, "", "", 0, true, "", NOWHERE);
    }

    /** Something of a source is on or off: {@code item.show} or {@code mute.set}. */
    public static MixerChange turn(String what, String scene, String source, boolean on) {
        return new MixerChange(what, scene, source, "", 0, on, "", NOWHERE);
    }

    /** Lets a source stand in a scene, or shows it where it stands there already. */
    public static MixerChange add(String scene, String source, Place place) {
        return new MixerChange("item.add", scene, source, "", 0, true, "", place);
    }

    /** Moves and sizes a source in every scene. */
    public static MixerChange place(String source, Place place) {
        return new MixerChange("item.place", "", source, "", 0, true, "", place);
    }

    /** A text of a source, its words or its address: {@code text.set}, {@code source.address}, or {@code source.add} for a new one. */
    public static MixerChange text(String what, String source, String text) {
        return new MixerChange(what, "", source, text, 0, true, "", NOWHERE);
    }

    /** What lets a target stand so; the other way round it is {@link MixerPicture#valueOf}. The value was checked by {@link Target.Kind#allows}. */
    public static MixerChange of(Target target, String value) {
        String name = target.name();
        int slash = name.indexOf('/');
        String first = slash < 0 ? "" : name.substring(0, slash);
        String last = name.substring(slash + 1);
        return switch (target.kind()) {
            case SCENE -> cut(value);
            case SOURCE -> turn("item.show", first, last, value.equals("shown"));
            case PLACE -> new MixerChange("item.place", first, last, "", 0, true, "", Place.of(value));
            case TEXT -> text("text.set", name, value);
            case LEVEL -> new MixerChange("level.set", "", name, "", Integer.parseInt(value), true, "", NOWHERE);
            case MUTE -> turn("mute.set", "", name, value.equals("muted"));
            case FILTER -> new MixerChange("filter.set", "", first, "", 0, value.equals("on"), last, NOWHERE);
            case STREAM -> turn("stream.set", "", "", value.equals("on"));
            case RECORDING -> turn("recording.set", "", "", value.equals("on"));
            case LAMP, PLUG, KEY, SHUTTERS, RACK ->
                throw new IllegalArgumentException("the mixer has no " + target.kind());
        };
    }

    /** What comes of a change. @param source the id of the source that it is about @param refusal why it cannot be done, empty text where it can */
    public record Result(MixerPicture picture, String source, String refusal) {}

    /** What a mixer that stands so makes of it. */
    public Result on(MixerPicture picture) {
        String refusal = refusal(picture);
        if (!refusal.isEmpty()) {
            return new Result(picture, source, refusal);
        }
        return switch (what) {
            case "source.add" -> made(picture);
            case "scene.cut" -> result(picture.cutTo(scene));
            case "item.show" -> result(picture.withItems(scene, source, item -> new Item(source, on, item.place())));
            case "item.place" ->
                result(picture.withItems(scene, source, item -> new Item(source, item.shown(), place)));
            case "item.add" ->
                result(
                        stands(picture)
                                ? picture.withItems(scene, source, item -> new Item(source, true, item.place()))
                                : picture.withItem(scene, new Item(source, true, place)));
            case "stream.set" -> result(picture.running(on, picture.recording()));
            case "recording.set" -> result(picture.running(picture.streaming(), on));
            default -> result(picture.withSource(source, this::changed));
        };
    }

    private Result result(MixerPicture next) {
        return new Result(next, source, "");
    }

    private Source changed(Source was) {
        return new Source(
                was.id(),
                was.name(),
                was.kind(),
                what.equals("text.set") ? text : was.text(),
                what.equals("level.set") ? Math.max(0, Math.min(100, level)) : was.level(),
                what.equals("mute.set") ? on : was.muted(),
                was.filters().stream()
                        .map(each -> what.equals("filter.set") && each.id().equals(filter)
                                ? new Filter(filter, each.name(), on)
                                : each)
                        .toList(),
                what.equals("source.address") ? text : was.address());
    }

    private Result made(MixerPicture picture) {
        String base =
                source.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        String id = base;
        for (int i = 2; picture.source(id).isPresent(); i++) {
            id = base + "-" + i;
        }
        return new Result(
                picture.withSource(new Source(id, source, "browser", "", 100, false, List.of(), text)), id, "");
    }

    private boolean stands(MixerPicture picture) {
        return picture.scene(scene).flatMap(each -> each.item(source)).isPresent();
    }

    private String refusal(MixerPicture picture) {
        return switch (what) {
            case "stream.set", "recording.set" -> "";
            case "scene.cut" -> noScene(picture);
            case "source.add" ->
                picture.sources().size() < MOST_SOURCES
                        ? ""
                        : "there is no room for more than " + MOST_SOURCES + " sources";
            case "item.add" -> noScene(picture) + noSource(picture);
            case "item.show", "item.place" ->
                scene.isEmpty()
                        ? noSource(picture)
                        : !noScene(picture).isEmpty()
                                ? noScene(picture)
                                : stands(picture) ? "" : "there is no source " + source + " in the scene " + scene;
            case "filter.set" ->
                picture.valueOf(new Target(Target.Kind.FILTER, source + "/" + filter))
                                .isPresent()
                        ? ""
                        : "there is no filter " + filter + " of a source " + source;
            case "text.set", "level.set", "mute.set", "source.address" -> noSource(picture);
            default -> "there is no change called " + what;
        };
    }

    private String noScene(MixerPicture picture) {
        return picture.scene(scene).isPresent() ? "" : "there is no scene " + scene;
    }

    private String noSource(MixerPicture picture) {
        return picture.source(source).isPresent() ? "" : "there is no source " + source;
    }
}
