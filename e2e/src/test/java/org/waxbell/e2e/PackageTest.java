package org.waxbell.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What {@code ./waxbell package} makes, on a machine with nothing: an empty environment, another folder, no Java on the path. */
@Tag("long")
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class PackageTest {
    private static final Duration PATIENCE = Duration.ofSeconds(60);

    @TempDir
    static Path folder;

    private static Path made;

    @BeforeAll
    static void make() {
        made = folder.resolve("made");
        run("../packaging/make", Packaged.jar().toString(), made.toString());
    }

    /** @return what it printed */
    private static String run(String... command) {
        try {
            ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
            // How small the package is, is not what is tested.
            builder.environment().putAll(Map.of("DPKG_DEB_COMPRESSOR_TYPE", "gzip", "DPKG_DEB_COMPRESSOR_LEVEL", "1"));
            Process process = builder.start();
            String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(process.waitFor()).as(said).isZero();
            return said;
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    private static Path one(String ending) {
        try (Stream<Path> all = Files.list(made)) {
            return all.filter(each -> each.getFileName().toString().endsWith(ending))
                    .findFirst()
                    .orElseThrow();
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    private static void works(Path program, Path data) {
        try (Packaged app = Packaged.by(program, data)) {
            assertThat(app.text("/")).contains("<script");
            app.say("wickerby", "!pour");
            await("it rang")
                    .atMost(PATIENCE)
                    .until(() -> app.get("/api/journal").toString().contains("Pour the taper"));
            // What runs scripts is a program of its own, and wants more of Java than the rest.
            assertThat(app.post("/api/extensions/code", Map.of("code", "let wax = ("))
                            .get("fault")
                            .asString())
                    .contains("line 1");
            assertThat(app.post("/api/extensions/code", Map.of("code", "let wax = 1"))
                            .get("fault")
                            .asString())
                    .isEmpty();
        }
    }

    @Test
    @Order(1)
    void whatIsUnpackedSomewhereRunsWithoutAnythingAround() throws IOException {
        Path other = Files.createDirectories(folder.resolve("some where else"));
        run("tar", "-xzf", one(".tar.gz").toString(), "-C", other.toString());
        works(other.resolve("waxbell/bin/waxbell"), folder.resolve("data"));
    }

    @Test
    @Order(2)
    void theDebianPackageHoldsTheSameAndAnEntryOfTheMenu() throws IOException {
        Path root = folder.resolve("root");
        run("dpkg-deb", "-x", one(".deb").toString(), root.toString());
        Path home = root.resolve("opt/waxbell");
        assertThat(run("env", "-i", home.resolve("bin/waxbell").toString(), "--version"))
                .startsWith("Wax Bell ");
        assertThat(run("dpkg-deb", "-I", one(".deb").toString(), "postinst")).contains("lib/app/learn");
        try (Stream<Path> all = Files.walk(home)) {
            Path entry = all.filter(each -> each.toString().endsWith(".desktop") && Files.isRegularFile(each))
                    .findFirst()
                    .orElseThrow();
            assertThat(Files.readString(entry)).contains("Exec=/opt/waxbell/bin/waxbell start --open", "Terminal=true");
        }
    }

    @Test
    @Order(3)
    void itLearnsToStartQuicklyWhereItStands() throws IOException {
        Path home = folder.resolve("some where else/waxbell/lib");
        Path program = home.resolve("app");
        run(
                "env",
                "-i",
                "PATH=/usr/bin:/bin",
                "sh",
                program.resolve("learn").toString(),
                program.toString(),
                home.resolve("runtime/bin/java").toString());
        assertThat(Files.size(program.resolve("classes.jsa"))).isGreaterThan(10_000_000);
        works(home.resolveSibling("bin/waxbell"), folder.resolve("data"));
    }

    @Test
    @Order(4)
    void everyLibraryStandsInTheListOfWhatItIsMadeOf() throws IOException {
        JsonNode list = JsonMapper.builder().build().readTree(Files.readString(one(".cdx.json")));
        assertThat(list.get("bomFormat").asString()).isEqualTo("CycloneDX");
        Set<String> told = list.get("components")
                .valueStream()
                .map(each ->
                        each.get("name").asString() + "-" + each.get("version").asString() + ".jar")
                .collect(Collectors.toSet());
        try (Stream<Path> all = Files.list(made.resolve("waxbell/lib/app/lib"))) {
            List<String> untold = all.map(each -> each.getFileName().toString())
                    .filter(each -> !told.contains(each))
                    .toList();
            assertThat(untold).isEmpty();
        }
    }
}
