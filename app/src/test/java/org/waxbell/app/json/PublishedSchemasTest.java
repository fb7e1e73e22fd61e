package org.waxbell.app.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.LongFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.link.LinkKinds;
import org.waxbell.rehearsal.Step;
import org.waxbell.time.Spans;
import org.waxbell.wiring.Kinds;
import org.waxbell.wiring.WiringDocument;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The schemas in docs/formats are what the program reads; {@code ./waxbell openapi} writes them anew. */
class PublishedSchemasTest {
    private static final Families FAMILIES = new Families(Kinds.ALL);
    private final JsonMapper json = mapper();
    private final Schemas schemas = new Schemas(json, FAMILIES, false);

    private static JsonMapper mapper() {
        JsonMapper.Builder builder = JsonMapper.builder();
        new JsonConfig().strict(FAMILIES).customize(builder);
        return builder.build();
    }

    private void same(String name, ObjectNode schema) throws IOException {
        Path file = Path.of("../docs/formats/" + name + ".schema.json");
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(file, json.writerWithDefaultPrettyPrinter().writeValueAsString(schema) + "\n");
        }
        assertThat(json.readTree(Files.readString(file)).equals(json.readTree(schema.toString())))
                .as(file + " is up to date; ./waxbell openapi writes it anew")
                .isTrue();
    }

    @Test
    void theWiringsSchemaIsPublished() throws IOException {
        same("wiring", schemas.document("wiring", "A wiring of Wax Bell", schemas.of(WiringDocument.class)));
    }

    @Test
    void theSchemaOfALineOfAScriptIsPublished() throws IOException {
        ObjectNode line = schemas.family(Step.class, FAMILIES.of(Step.class).orElseThrow());
        ObjectNode opening = schemas.rule(line, "opening");
        ObjectNode properties = opening.putObject("properties");
        properties.putObject("at").put("type", "integer");
        properties
                .putObject("state")
                .put("type", "object")
                .put("description", "All that the engine remembered; not meant to be written by hand.");
        properties.set("wiring", schemas.of(WiringDocument.class));
        opening.putArray("required").add("at").add("state").add("wiring");
        same("script", schemas.document("script", "A line of a script that Wax Bell rehearses", line));
    }

    @Test
    void theTableOfKindsIsPublished() throws IOException {
        StringBuilder table = new StringBuilder("""
                # Kinds

                What may stand in a wiring, as each kind describes itself; `./waxbell openapi` writes this page anew. The same
                is asked of a running program by `GET /api/kinds`, and stands in the schemas beside this page.
                """);
        Stream.concat(Kinds.ALL.families().stream(), Stream.of(LinkKinds.ALL)).forEach(family -> {
            String name = family.name();
            table.append("\n## ")
                    .append(Character.toUpperCase(name.charAt(0)))
                    .append(name.substring(1))
                    .append("s\n\n| `kind` | what | fields |\n|---|---|---|\n");
            family.kinds().forEach(kind -> row(table, kind));
        });
        table.append("\n## Documents\n\n| | what | fields |\n|---|---|---|\n");
        Kinds.DOCUMENTS.forEach(kind -> row(table, kind));
        Path file = Path.of("../docs/formats/kinds.md");
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(file, table);
        }
        assertThat(Files.readString(file))
                .as(file + " is up to date; ./waxbell openapi writes it anew")
                .isEqualTo(table.toString());
    }

    private static void row(StringBuilder table, Kind<?> kind) {
        table.append("| `")
                .append(kind.name())
                .append("` | ")
                .append(kind.title())
                .append(" | ")
                .append(kind.fields().stream().map(PublishedSchemasTest::field).collect(Collectors.joining("; ")))
                .append(" |\n");
    }

    private static String field(Field field) {
        String bounds = switch (field.type()) {
            case NUMBER -> range(field, Long::toString);
            case SPAN -> range(field, Spans::inWords);
            case TEXT, CODE, LINES, WORDS ->
                field.most() == Long.MAX_VALUE ? "" : ", " + field.most() + " characters at most";
            case CHOICE ->
                field.choices().isEmpty()
                        ? ""
                        : ": "
                                + field.choices().stream()
                                        .map(each -> each.value().isEmpty() ? "empty" : "`" + each.value() + "`")
                                        .collect(Collectors.joining(", "));
            default -> "";
        };
        return "`" + field.key() + "` " + field.label() + bounds;
    }

    private static String range(Field field, LongFunction<String> words) {
        boolean bound = field.least() != Long.MIN_VALUE && field.most() != Long.MAX_VALUE;
        return bound
                ? ", " + (field.isOrZero() ? "0 or " : "") + words.apply(field.least()) + " to "
                        + words.apply(field.most())
                : "";
    }
}
