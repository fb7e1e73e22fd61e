package org.waxbell.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Take;
import org.waxbell.fixture.Fixture;
import org.waxbell.fixture.MascotFixture;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.kind.Records;
import org.waxbell.score.CardPart;
import org.waxbell.score.Part;
import org.waxbell.score.Score;
import org.waxbell.score.VideoPart;
import org.waxbell.shelf.Media;
import org.waxbell.stage.Stage;

/** Which cues and stages use what lies on the shelf, told from how their kinds describe their fields; and the same with a file called or lying otherwise. */
public final class ShelfUse {
    /** The folders of what is seen; sounds lie in any other. */
    public static final Map<From, String> FOLDERS = Map.of(
            From.PICTURES, CardPart.PICTURES, From.VIDEOS, VideoPart.VIDEOS, From.FIGURES, MascotFixture.FIGURES);

    private ShelfUse() {}

    /** A cue or stage that uses a file. @param kind {@code cue} or {@code stage} @param any whether it plays any of the folder */
    public record Use(String kind, String id, String name, boolean any) {}

    /** A file by its place. @param file empty text for any of the folder */
    private record Spot(String folder, String file) {
        boolean takes(Media media) {
            return folder.equals(media.folder()) && (file.isEmpty() || file.equals(media.name()));
        }
    }

    /** What a cue or stage names of the shelf. */
    private record User(String kind, String id, String name, List<Spot> spots) {}

    /** Who uses what of a wiring, looked through once for any number of files. */
    public static Function<Media, List<Use>> of(Wiring wiring) {
        List<User> users = new ArrayList<>();
        for (Cue cue : wiring.cues()) {
            List<Spot> spots = cue.takes().stream()
                    .flatMap(take -> take.score().parts().stream())
                    .flatMap(part -> spot(part.kind(), part).stream())
                    .toList();
            users.add(new User("cue", cue.id(), cue.name(), spots));
        }
        for (Stage stage : wiring.stages()) {
            List<Spot> spots = Stream.concat(
                            spot(Stage.KIND, stage).stream(),
                            stage.fixtures().stream().flatMap(each -> spot(each.kind(), each).stream()))
                    .toList();
            users.add(new User("stage", stage.id(), stage.name(), spots));
        }
        users.removeIf(user -> user.spots().isEmpty());
        return media ->
                users.stream().flatMap(user -> use(user, media).stream()).toList();
    }

    private static Optional<Use> use(User user, Media media) {
        List<Spot> found =
                user.spots().stream().filter(spot -> spot.takes(media)).toList();
        boolean any = found.stream().allMatch(spot -> spot.file().isEmpty());
        return found.isEmpty() ? Optional.empty() : Optional.of(new Use(user.kind(), user.id(), user.name(), any));
    }

    /** The file that a thing of a kind names; empty where it names none just now. */
    private static Optional<Spot> spot(Kind<?> kind, Object thing) {
        for (Field field : kind.fields()) {
            String folder = folder(kind, field, thing);
            if (!folder.isEmpty() && Kind.means(field, thing)) {
                String file = String.valueOf(Kind.at(thing, field.key()));
                return file.isEmpty() && field.from() != From.SOUNDS
                        ? Optional.empty()
                        : Optional.of(new Spot(folder, file));
            }
        }
        return Optional.empty();
    }

    /** The folder of the file that a field names, empty text where the field names none. */
    private static String folder(Kind<?> kind, Field field, Object thing) {
        if (field.from() == From.SOUNDS) {
            return kind.fields().stream()
                    .filter(each -> each.from() == From.SOUND_FOLDERS)
                    .map(each -> String.valueOf(Kind.at(thing, each.key())))
                    .findFirst()
                    .orElse("");
        }
        return FOLDERS.getOrDefault(field.from(), "");
    }

    /** A wiring's cues and stages that name a file, with its new place in place of the old one. */
    public static Moved moved(Wiring wiring, Media from, String folder, String name) {
        List<Cue> cues = new ArrayList<>();
        for (Cue cue : wiring.cues()) {
            List<Take> takes = cue.takes().stream()
                    .map(take -> Records.with(
                            take,
                            Map.of(
                                    "score",
                                    new Score(take.score().parts().stream()
                                            .map(part -> (Part) renamed(part.kind(), part, from, folder, name))
                                            .toList()))))
                    .toList();
            if (!takes.equals(cue.takes())) {
                cues.add(cue.withTakes(cue.takeRule(), takes));
            }
        }
        List<Stage> stages = new ArrayList<>();
        for (Stage stage : wiring.stages()) {
            List<Fixture> fixtures = stage.fixtures().stream()
                    .map(each -> (Fixture) renamed(each.kind(), each, from, folder, name))
                    .toList();
            Stage next =
                    Records.with((Stage) renamed(Stage.KIND, stage, from, folder, name), Map.of("fixtures", fixtures));
            if (!next.equals(stage)) {
                stages.add(next);
            }
        }
        return new Moved(cues, stages);
    }

    /** What changes with a file that is called or lies otherwise. */
    public record Moved(List<Cue> cues, List<Stage> stages) {}

    private static Object renamed(Kind<?> kind, Object thing, Media from, String folder, String name) {
        Map<String, Object> others = new HashMap<>();
        for (Field field : kind.fields()) {
            String lies = folder(kind, field, thing);
            if (lies.equals(from.folder()) && from.name().equals(String.valueOf(Kind.at(thing, field.key())))) {
                others.put(field.key(), name);
                kind.fields().stream()
                        .filter(each -> field.from() == From.SOUNDS && each.from() == From.SOUND_FOLDERS)
                        .forEach(each -> others.put(each.key(), folder));
            }
        }
        return others.isEmpty() ? thing : Records.with(thing, others);
    }
}
