package org.waxbell.app.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.app.json.Refused;
import org.waxbell.app.media.Intake;
import org.waxbell.app.media.MediaFiles;
import org.waxbell.app.store.MediaMapper;
import org.waxbell.app.store.MediaMapper.FileRow;
import org.waxbell.shelf.Loudness;
import org.waxbell.shelf.Media;
import org.waxbell.wiring.ShelfUse;
import org.waxbell.wiring.Wiring;

/** Puts files that a person brings on the shelf, once their content was looked at; calls, lays, tags and takes away what lies there. */
@Component
public class Shelving {
    /** Where sounds go that nobody has laid anywhere. */
    private static final String SOUNDS = "Sounds";

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_FOLDER = 40;
    private static final int LONGEST_TAGS = 200;
    private static final int HEAVIEST = 9;
    private static final long LONGEST_VIDEO = 600_000;
    /** What is there is named as before. */
    private static final Function<Wiring, ShelfUse.Moved> UNCHANGED =
            wiring -> new ShelfUse.Moved(List.of(), List.of());

    private final MediaFiles files;
    private final MediaMapper mapper;
    private final WiringEdits edits;
    private final WiringStore store;
    private final Takings gone = new Takings();

    Shelving(MediaFiles files, MediaMapper mapper, WiringEdits edits, WiringStore store) {
        this.files = files;
        this.mapper = mapper;
        this.edits = edits;
        this.store = store;
    }

    /** A file that lies on the shelf now. @param without what was taken out of it, in words, empty text for nothing */
    public record Brought(Media media, String without) {}

    /** Where a file lies. */
    public record Spot(String folder, String name) {}

    /**
     * Puts a file into a folder; one of the same name is replaced. Throws {@link Refused} where its content is not what the folder is for.
     *
     * @param folder   empty text for where its content belongs
     * @param sounds   where a sound goes then; empty text, or a folder of what is seen, for one of that name
     * @param lengthMs of a video whose own header does not tell, as the page that played it measured; 0 where nobody did
     */
    public CompletableFuture<Brought> add(
            String folder, String sounds, String name, byte[] content, long lengthMs, Actor by) {
        String bare = plain("name", name, LONGEST_NAME);
        boolean heard = !sounds.isBlank() && !ShelfUse.FOLDERS.containsValue(sounds.strip());
        String to = plain(
                "folder", folder.isBlank() ? Intake.folder(content, heard ? sounds : SOUNDS) : folder, LONGEST_FOLDER);
        Intake.Taken taken = look(to, bare, content);
        String kept = bare.replaceAll("\\.[A-Za-z0-9]{1,5}$", "") + "." + taken.ending();
        return put(to, kept, taken, lengthMs, by);
    }

    /** Puts another content in place of a file, which keeps its name, its tags and everything that uses it. */
    public CompletableFuture<Brought> replace(String folder, String name, byte[] content, long lengthMs, Actor by) {
        return put(folder, there(new Spot(folder, name)).name(), look(folder, name, content), lengthMs, by);
    }

    private static Intake.Taken look(String folder, String name, byte[] content) {
        try {
            return Intake.of(folder, content);
        } catch (IllegalArgumentException unfit) {
            throw new Refused(
                    "file",
                    name,
                    "This file was not taken in: " + unfit.getMessage() + ".",
                    "Nothing on the shelf was changed. Bring another file.");
        }
    }

    private CompletableFuture<Brought> put(String folder, String kept, Intake.Taken taken, long lengthMs, Actor by) {
        Loudness.Measured measured = taken.measured();
        Media media = measured == null
                ? files.put(folder, kept, taken.content(), taken.type(), length(taken, lengthMs))
                : files.put(folder, kept, taken.content(), taken.type(), measured);
        return edits.reshelved(files::shelf, UNCHANGED, by).thenApply(done -> new Brought(media, taken.without()));
    }

    private long length(Intake.Taken taken, long told) {
        long known = files.lengthOf(taken.type(), taken.content());
        return taken.type().startsWith("video/") ? Math.min(LONGEST_VIDEO, Math.max(0, known > 0 ? known : told)) : 0;
    }

    private static String plain(String field, String text, int longest) {
        String bare = text.strip().replaceAll("[\\\\/\\p{Cntrl}]", "-");
        if (bare.isEmpty() || bare.length() > longest) {
            throw new Refused(
                    field,
                    text,
                    "A " + (field.equals("name") ? "file" : "folder") + " has a name of at most " + longest
                            + " characters.",
                    "Give it another.");
        }
        return bare;
    }

    private FileRow there(Spot spot) {
        return files.find(spot.folder(), spot.name())
                .orElseThrow(() -> new Refused(
                        "name", spot.name(), "There is no such file on the shelf.", "Choose one that is there."));
    }

    /** Who uses a file, by what is in force now. */
    public Function<Media, List<ShelfUse.Use>> uses() {
        return ShelfUse.of(store.current().wiring());
    }

    /**
     * Lays files into a folder, and calls the one that it is about otherwise; what uses them follows.
     *
     * @param name the new name of a single file; empty text where each keeps its own
     */
    public CompletableFuture<List<Spot>> move(List<Spot> spots, String folder, String name, Actor by) {
        String to = plain("folder", folder, LONGEST_FOLDER);
        List<FileRow> rows = spots.stream().map(this::there).toList();
        List<Spot> places = new ArrayList<>();
        for (FileRow row : rows) {
            String called = name.isBlank() ? row.name() : withEnding(plain("name", name, LONGEST_NAME), row.name());
            refuseElsewhere(row, to);
            Spot place = new Spot(to, called);
            boolean same = place.equals(new Spot(row.folder(), row.name()));
            if (!same && (files.find(to, called).isPresent() || places.contains(place))) {
                throw new Refused(
                        "name", called, "There is a file of that name in " + to + " already.", "Give it another name.");
            }
            places.add(place);
        }
        CompletableFuture<?> done = CompletableFuture.completedFuture(null);
        for (int i = 0; i < rows.size(); i++) {
            FileRow row = rows.get(i);
            Spot place = places.get(i);
            done = done.thenCompose(before -> move(row, place, by));
        }
        return done.thenApply(all -> places);
    }

    private CompletableFuture<?> move(FileRow row, Spot to, Actor by) {
        mapper.move(row.folder(), row.name(), to.folder(), to.name());
        CompletableFuture<Document> edited = edits.reshelved(
                files::shelf, wiring -> ShelfUse.moved(wiring, row.media(), to.folder(), to.name()), by);
        return edited.whenComplete((done, failed) -> {
            if (failed != null) {
                mapper.move(to.folder(), to.name(), row.folder(), row.name());
            }
        });
    }

    /** The name with the ending that the file has, whatever was typed. */
    private static String withEnding(String name, String old) {
        int dot = old.lastIndexOf('.');
        String ending = dot < 0 ? "" : old.substring(dot);
        return name.endsWith(ending) ? name : name + ending;
    }

    private static void refuseElsewhere(FileRow row, String folder) {
        boolean forSeen = ShelfUse.FOLDERS.containsValue(folder);
        if (row.media().audible() ? forSeen : !folder.equals(row.folder())) {
            throw new Refused(
                    "folder",
                    folder,
                    row.media().audible()
                            ? "The folder " + folder + " is for what is seen."
                            : row.name() + " has its place in " + row.folder() + ".",
                    row.media().audible() ? "Choose another folder." : "Tag it, to find it with others.");
        }
    }

    /** Files that were taken away. @param number by which they are put back @param names what they were called */
    public record Gone(long number, List<String> names) {}

    /** Takes files away; they can be put back while the program runs and not many more were taken away after them. */
    public CompletableFuture<Gone> take(List<Spot> spots, Actor by) {
        List<FileRow> rows = spots.stream().map(this::there).toList();
        rows.forEach(row -> mapper.remove(row.folder(), row.name()));
        long number = gone.add(rows);
        return edits.reshelved(files::shelf, UNCHANGED, by)
                .thenApply(done ->
                        new Gone(number, rows.stream().map(FileRow::name).toList()));
    }

    /** Puts back what was taken away; what lies in its place meanwhile stays. */
    public CompletableFuture<?> putBack(long number, Actor by) {
        List<FileRow> rows = gone.get(number)
                .orElseThrow(() ->
                        new Refused("number", String.valueOf(number), "It is too long ago.", "Bring the files anew."));
        rows.forEach(mapper::putBack);
        return edits.reshelved(files::shelf, UNCHANGED, by);
    }

    /** Gives files these tags in place of their own, in the order of the alphabet. */
    public CompletableFuture<?> tag(List<Spot> spots, List<String> tags, Actor by) {
        String all = tags.stream()
                .flatMap(each -> Stream.of(each.split("[,\\s]+")))
                .filter(each -> !each.isBlank())
                .distinct()
                .sorted()
                .collect(Collectors.joining(","));
        if (all.length() > LONGEST_TAGS) {
            throw new Refused("tags", all, "These are too many tags.", "Keep them to " + LONGEST_TAGS + " characters.");
        }
        spots.stream().map(this::there).forEach(row -> mapper.tag(row.folder(), row.name(), all));
        return edits.reshelved(files::shelf, UNCHANGED, by);
    }

    /** How often a file is drawn beside the others of its folder. @param weight 0 for never, up to 9 */
    public CompletableFuture<?> weigh(List<Spot> spots, int weight, Actor by) {
        if (weight < 0 || weight > HEAVIEST) {
            throw new Refused(
                    "weight", String.valueOf(weight), "A weight is 0 to " + HEAVIEST + ".", "Write one of them.");
        }
        spots.stream().map(this::there).forEach(row -> mapper.weigh(row.folder(), row.name(), weight));
        return edits.reshelved(files::shelf, UNCHANGED, by);
    }
}
