package org.waxbell.app.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.extension.Extension;
import org.waxbell.extension.Permission;
import org.waxbell.extension.ScriptSetting;

class ExtensionFileTest {
    private static final Documents JSON = Documents.standalone();
    private static final String MANIFEST = """
            {"formatVersion": 1, "id": "weigh", "name": "Weigh", "version": "1", "about": "", "hears": ["line"],
             "offers": [], "asks": ["say"], "calls": [], "settings": {"type": "object", "properties": {
               "most": {"type": "integer", "title": "At most", "minimum": 1, "maximum": 9, "default": 3}}}}
            """;

    @TempDir
    Path folder;

    private static Extension read(String manifest) {
        return ExtensionFile.read(Map.of("extension.json", manifest, "main.js", "function heard() {}"), JSON);
    }

    private static List<String> refused(String manifest) {
        try {
            read(manifest);
            return List.of();
        } catch (Refused refusal) {
            return refusal.problems().stream().map(each -> each.path()).toList();
        }
    }

    private Path zip(Map<String, String> entries) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, String> each : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(each.getKey()));
                zip.write(each.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        return Files.write(folder.resolve("it.zip"), bytes.toByteArray());
    }

    @Test
    void whatComesInIsOffAndLetDoNothing() {
        Extension read = read(MANIFEST);
        assertThat(read.on()).isFalse();
        assertThat(read.agreed()).isEmpty();
        assertThat(read.asks()).containsExactly(Permission.SAY);
        assertThat(read.form()).extracting(ScriptSetting::key).containsExactly("most");
    }

    @Test
    void aFileIsReadAsItWasWrittenByteForByte() throws IOException {
        Extension read = read(MANIFEST);
        byte[] zip = ExtensionFile.zip(read, JSON);
        Extension again = ExtensionFile.open(Files.write(folder.resolve("it.zip"), zip), JSON);
        assertThat(again).isEqualTo(read);
        assertThat(ExtensionFile.zip(again, JSON)).isEqualTo(zip);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"formatVersion\": 1|\"formatVersion\": 2|extension.json: formatVersion",
                "\"hears\": [\"line\"]|\"hears\": [\"thunder\"]|extension.json.hears[0]",
                "\"type\": \"integer\"|\"$ref\": \"#\"|extension.json: settings.properties.most.$ref",
                "\"type\": \"integer\"|\"type\": \"object\"|extension.json: settings.properties.most.type",
                "\"default\": 3|\"default\": \"3\"|extension.json: settings.properties.most.default",
                "\"default\": 3|\"default\": 10|extension.json.form[0].fresh",
                "\"asks\": [\"say\"]|\"asks\": [\"files\"]|asks[0]",
                "\"calls\": []|\"calls\": [], \"more\": 1|more",
                "\"id\": \"weigh\"|\"id\": \"../up\"|extension.json.id"
            })
    void whatIsWrongIsNamedByItsPlace(String was, String becomes, String place) {
        assertThat(MANIFEST).contains(was);
        assertThat(refused(MANIFEST.replace(was, becomes))).contains(place);
    }

    /** What ships can be read, by the reader and by what runs it. */
    @ParameterizedTest
    @ValueSource(strings = {"guess-the-weight", "clip-thanks", "first-gift"})
    void thoseThatShipAreRight(String id) {
        Map<String, String> texts = new LinkedHashMap<>();
        for (String name : List.of("extension.json", "main.js", "notes.md")) {
            texts.put(name, Sandbox.own(id + "/" + name));
        }
        Extension read = ExtensionFile.read(texts, JSON);
        assertThat(read.id()).isEqualTo(id);
        Sandbox sandbox = new Sandbox();
        for (String function : read.hears().isEmpty() ? List.<String>of() : List.of("heard")) {
            ScriptCall call = new ScriptCall(
                    id,
                    read.code(),
                    function,
                    Map.of("kind", read.hears().get(0), "text", "", "viewer", "wickerby", "person", "practice:w"),
                    read.read(),
                    Map.of(),
                    1,
                    0);
            assertThat(sandbox.call(call).failure()).isEmpty();
        }
    }

    @Test
    void settingsBecomeSchemaAndBack() {
        List<ScriptSetting> form = List.of(
                new ScriptSetting("unit", "Unit", "of it", ScriptSetting.Type.TEXT, 0, 20, List.of(), "grams"),
                new ScriptSetting("most", "Most", "", ScriptSetting.Type.NUMBER, 1, 9, List.of(), "3"),
                new ScriptSetting("loud", "Loud", "", ScriptSetting.Type.FLAG, 0, 0, List.of(), "true"),
                new ScriptSetting("who", "Who", "", ScriptSetting.Type.CHOICE, 0, 0, List.of("all", "some"), "some"));
        assertThat(SettingsSchema.read(SettingsSchema.write(form))).isEqualTo(form);
    }

    @ParameterizedTest
    @ValueSource(strings = {"../main.js", "more/main.js", "Main.class", "lib.jar", "/etc/passwd"})
    void aZipThatLeadsElsewhereIsRefusedByItsPlace(String name) throws IOException {
        Map<String, String> entries = new LinkedHashMap<>(Map.of("extension.json", MANIFEST));
        entries.put(name, "x");
        Path file = zip(entries);
        assertThatThrownBy(() -> ExtensionFile.open(file, JSON))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refusal -> assertThat(refusal.problems().get(0).path()).isEqualTo(name));
    }

    @Test
    void aBombAndAFileThatIsNoneAreRefused() throws IOException {
        Path bomb = zip(Map.of("extension.json", MANIFEST, "main.js", " ".repeat(2_000_000)));
        assertThatThrownBy(() -> ExtensionFile.open(bomb, JSON))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refusal -> assertThat(refusal.problems().get(0).path()).isEqualTo("main.js"));
        Path none = Files.writeString(folder.resolve("none.zip"), "not a zip");
        assertThatThrownBy(() -> ExtensionFile.open(none, JSON)).isInstanceOf(Refused.class);
        Path half = zip(Map.of("main.js", ""));
        assertThatThrownBy(() -> ExtensionFile.open(half, JSON))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refusal -> assertThat(refusal.problems().get(0).path()).isEqualTo("extension.json"));
    }

    @Test
    void aNewerOneKeepsWhatFits() {
        Extension before = read(MANIFEST);
        Extension agreed = new Extension(
                1,
                "weigh",
                "Weigh",
                true,
                "1",
                "",
                List.of("line"),
                List.of(),
                List.of(Permission.SAY),
                List.of(Permission.SAY),
                List.of(),
                before.form(),
                Map.of("most", "7"),
                "",
                "");
        Extension newer = Extensions.newer(
                read(MANIFEST.replace("\"say\"", "\"say\", \"people\"").replace("\"maximum\": 9", "\"maximum\": 8")),
                agreed);
        assertThat(newer.on()).isTrue();
        assertThat(newer.agreed()).containsExactly(Permission.SAY);
        assertThat(newer.settings()).containsEntry("most", "7");
        Extension bound = Extensions.newer(read(MANIFEST.replace("\"maximum\": 9", "\"maximum\": 6")), agreed);
        assertThat(bound.settings()).isEmpty();
    }
}
