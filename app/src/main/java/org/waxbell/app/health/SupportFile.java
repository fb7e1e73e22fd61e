package org.waxbell.app.health;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.SchemaGuard;
import org.waxbell.app.config.Version;
import org.waxbell.app.json.Documents;
import org.waxbell.app.security.Helper;
import org.waxbell.app.security.Helpers;
import org.waxbell.app.store.PersonMapper;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.wiring.Circle;
import org.waxbell.wiring.House;
import org.waxbell.wiring.WiringDocument;

/** What is handed to whoever is asked for help: versions, how the program does, the end of its log and the wiring, without names, passwords or addresses. */
@Component
public class SupportFile {
    private static final int MOST_OF_LOG = 300_000;
    private final DataFolder folder;
    private final Health health;
    private final WiringStore wiring;
    private final PersonMapper people;
    private final Helpers helpers;
    private final Documents json;

    SupportFile(
            DataFolder folder,
            Health health,
            WiringStore wiring,
            PersonMapper people,
            Helpers helpers,
            Documents json) {
        this.helpers = helpers;
        this.folder = folder;
        this.health = health;
        this.wiring = wiring;
        this.people = people;
        this.json = json;
    }

    /** A file of it. @param says what stands in it, for whoever looks before handing it on */
    public record SupportPart(String name, String says, String text) {}

    /** All of it as text. */
    public List<SupportPart> parts() {
        WiringDocument document = WiringDocument.of(wiring.current().wiring());
        Set<String> others = names(document.house());
        helpers.all().stream().map(Helper::name).forEach(others::add);
        Veil veil = new Veil(people, others);
        Health.HealthView now = health.now();
        // What took long is told in words of the evening.
        Health.HealthView bare = new Health.HealthView(now.at(), now.vitals(), List.of());
        return List.of(
                new SupportPart("versions.txt", "the program, Java and the system it runs on", versions()),
                new SupportPart(
                        "health.json", "how the program does, as it stands on this page", veil.over(json.write(bare))),
                new SupportPart("waxbell.log", "the end of the log, names and addresses taken out", veil.over(log())),
                new SupportPart(
                        "wiring.json",
                        "cues, stages and desks as they are now, names taken out; passwords never stand in it",
                        veil.over(json.write(document))));
    }

    /** The same as a ZIP file. */
    public byte[] zip() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (SupportPart part : parts()) {
                zip.putNextEntry(new ZipEntry(part.name()));
                zip.write(part.text().getBytes(StandardCharsets.UTF_8));
            }
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return bytes.toByteArray();
    }

    private static Set<String> names(House house) {
        Set<String> names = new HashSet<>(house.neighbours());
        house.circles().stream().map(Circle::people).forEach(names::addAll);
        return names;
    }

    private static String versions() {
        return "Wax Bell " + Version.current() + "\nschema " + SchemaGuard.NEWEST + "\nJava "
                + System.getProperty("java.runtime.version") + " (" + System.getProperty("java.vendor") + ")\n"
                + System.getProperty("os.name") + " " + System.getProperty("os.version") + " "
                + System.getProperty("os.arch") + "\n" + Runtime.getRuntime().availableProcessors()
                + " processors, at most " + Sizes.of(Runtime.getRuntime().maxMemory()) + " of memory\n";
    }

    private String log() {
        Path log = folder.log();
        if (!Files.exists(log)) {
            return "";
        }
        try (RandomAccessFile file = new RandomAccessFile(log.toFile(), "r")) {
            long from = Math.max(0, file.length() - MOST_OF_LOG);
            file.seek(from);
            byte[] end = new byte[(int) (file.length() - from)];
            file.readFully(end);
            String text = new String(end, StandardCharsets.UTF_8);
            // A line that was cut could hold half a name.
            return from == 0 ? text : text.substring(text.indexOf('\n') + 1);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
