package org.waxbell.app.practice;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.media.MediaFiles;
import org.waxbell.directory.Broadcaster;
import org.waxbell.directory.TheirClip;
import org.waxbell.port.Directory;

/** A dozen made-up broadcasters with portraits, art and clips that we draw; one has no clips, the film of another cannot be loaded. */
@Component
public class PracticeDirectory implements Directory {
    private static final long DAY = 86_400_000;
    private static final int MANY = 31;
    /** Whose films cannot be loaded. */
    private static final String BROKEN = "brackwater_bees";

    private static final List<Made> ALL = List.of(
            new Made("wickerby", "weaves baskets by the sluice", "A creel from green willow", "#6b7a2f", 12),
            new Made(
                    "fernside_loom",
                    "weaves what the fen is coloured like",
                    "Warping the long blanket",
                    "#2f7468",
                    MANY),
            new Made("kiln_and_keep", "fires pots and tells how", "Opening the winter kiln", "#b4623a", 9),
            new Made("saltbell_harbour", "rows out whatever the weather", "Fog, and a bell", "#3d5c7c", 18),
            new Made("oatmeal_press", "prints small books by hand", "Setting a page of rhymes", "#8a6a3f", 7),
            new Made("lantern_row", "mends lamps of every sort", "A lighthouse lens, cleaned", "#c8841a", 14),
            new Made("tidewrack_tins", "cooks what the tide brings", "Samphire three ways", "#2f7468", 6),
            new Made("mossgate_radio", "builds receivers from scraps", "Listening for the other shore", "#3d5c7c", 11),
            new Made("hollow_reed", "plays pipes that grew here", "Tuning by the wind", "#6b7a2f", 0),
            new Made(BROKEN, "keeps bees on the salt meadow", "The first sea lavender", "#c8841a", 5),
            new Made("dunlin_darning", "mends what others throw away", "A jersey with nine holes", "#a45a63", 8),
            new Made("quiet_anvil", "forges hooks and hinges", "A gate latch from one bar", "#5b5148", 10));

    private static final List<String> TITLES = List.of(
            "The handle holds",
            "It goes in on the first try",
            "What the cat thought of it",
            "One more, for luck",
            "The kettle joins in",
            "That was not the plan",
            "Nobody breathes");

    private final MediaFiles files;
    private final SystemClock clock;
    private final Map<String, String> films = new ConcurrentHashMap<>();

    PracticeDirectory(MediaFiles files, SystemClock clock) {
        this.files = files;
        this.clock = clock;
    }

    /** @param colour of their things @param clips how many */
    private record Made(String name, String words, String last, String colour, int clips) {}

    @Override
    public Optional<Broadcaster> find(String name) {
        return ALL.stream().filter(each -> each.name().equals(name)).findFirst().map(this::told);
    }

    private Broadcaster told(Made made) {
        return new Broadcaster(
                made.name(),
                "http://" + made.name().replace('_', '-') + ".example",
                made.words(),
                made.last(),
                svg(PracticeArt.portrait(made.name(), made.colour())),
                svg(PracticeArt.scene(made.name(), made.colour())),
                clips(made));
    }

    private String svg(String drawing) {
        return files.keepApart(drawing.getBytes(StandardCharsets.UTF_8), "image/svg+xml");
    }

    /** The same each time but for their age, which is counted from today. */
    private List<TheirClip> clips(Made made) {
        List<TheirClip> all = new ArrayList<>();
        for (int i = 0; i < made.clips(); i++) {
            int mix = Math.floorMod(made.name().hashCode() + 7_919 * i, 10_007);
            all.add(new TheirClip(
                    made.name() + "/" + i,
                    TITLES.get(mix % TITLES.size()),
                    3 + mix % 160,
                    clock.now() - (1 + mix % 90) * DAY,
                    PracticeArt.filmMs(mix)));
        }
        return all;
    }

    @Override
    public Optional<String> film(TheirClip clip) {
        if (clip.id().startsWith(BROKEN)) {
            return Optional.empty();
        }
        return Optional.of(films.computeIfAbsent(clip.id(), id -> {
            String name = id.substring(0, id.indexOf('/'));
            String colour = ALL.stream()
                    .filter(each -> each.name().equals(name))
                    .findFirst()
                    .orElseThrow()
                    .colour();
            return files.keepApart(PracticeArt.film(clip.title(), name, colour, clip.lengthMs()), "video/webm");
        }));
    }
}
