package org.waxbell.app.wiring;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Component;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Faults;
import org.waxbell.app.json.OutsideText;
import org.waxbell.app.json.Refused;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.wiring.WiringDocument;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Reads wirings that come from outside: bounded, of a version that is known, and as the published schema has it. */
@Component
public final class WiringReader {
    private static final String SCHEMA = "/schema/wiring.schema.json";
    private static final int MOST_TOLD = 20;
    private final Documents documents;

    /** A reader that reads with {@code documents}. */
    public WiringReader(Documents documents) {
        this.documents = documents;
    }

    /** As it is published, read when the first wiring comes: most starts read none. */
    private static final class Published {
        static final Schema WIRING = schema();

        private static Schema schema() {
            try (InputStream in = Objects.requireNonNull(WiringReader.class.getResourceAsStream(SCHEMA), SCHEMA)) {
                return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                        .getSchema(in, InputFormat.JSON);
            } catch (IOException broken) {
                throw new UncheckedIOException(broken);
            }
        }
    }

    /** The wiring in {@code bytes}, older versions brought up to date; throws {@link Refused} with every place that is wrong. */
    public WiringDocument read(byte[] bytes) {
        String text = OutsideText.of(bytes, "The document");
        JsonNode tree = tree(text);
        if (!tree.isObject() || !tree.has("formatVersion")) {
            throw new Refused(
                    "formatVersion",
                    "",
                    "This is not a wiring of Wax Bell.",
                    "Choose a file that was carried out under Cues.");
        }
        if (tree.get("formatVersion").asInt(0) > WiringDocument.FORMAT) {
            throw new Refused(
                    "formatVersion",
                    tree.get("formatVersion").asString(""),
                    "A newer Wax Bell wrote this document.",
                    "Bring this one up to date first.");
        }
        documents.bringUp(tree);
        List<Problem> problems = Published.WIRING.validate(tree).stream()
                .limit(MOST_TOLD)
                .map(WiringReader::problem)
                .toList();
        if (!problems.isEmpty()) {
            throw new Refused(problems);
        }
        WiringDocument document = fitted(tree);
        Problems ids = new Problems();
        document.checkIds(ids);
        if (!ids.found().isEmpty()) {
            throw new Refused(ids.found());
        }
        return document;
    }

    /** What no schema tells, such as a whole number that is too large for any of ours. */
    private WiringDocument fitted(JsonNode tree) {
        try {
            return documents.fit(tree, WiringDocument.class);
        } catch (JacksonException wrong) {
            throw new Refused(List.of(Faults.of(wrong)));
        }
    }

    private JsonNode tree(String text) {
        try {
            return documents.tree(text);
        } catch (JacksonException broken) {
            String place = broken.getLocation() == null
                    ? ""
                    : "line " + broken.getLocation().getLineNr() + ", character "
                            + broken.getLocation().getColumnNr();
            throw new Refused(
                    place,
                    "",
                    "This is not JSON that can be read: "
                            + broken.getOriginalMessage().lines().findFirst().orElse("") + ".",
                    "Choose a file that was carried out under Cues, or mend it at that place.");
        }
    }

    /** What the schema allows, as people list it: {@code calm, usual or urgent}. */
    private static String known(JsonNode allowed) {
        List<String> all = allowed.isArray()
                ? allowed.valueStream().map(each -> each.asString("")).toList()
                : List.of(allowed.asString(""));
        String last = all.get(all.size() - 1);
        return all.size() == 1 ? last : String.join(", ", all.subList(0, all.size() - 1)) + " or " + last;
    }

    /** The schema's place {@code /cues/3/takes/0} as our places are written: {@code cues[3].takes[0]}. */
    private static Problem problem(Error error) {
        String path = error.getInstanceLocation()
                .toString()
                .replaceAll("/(\\d+)(?=/|$)", "[$1]")
                .replaceAll("/", ".")
                .replaceFirst("^\\.", "");
        String value =
                error.getInstanceNode() == null || error.getInstanceNode().isContainer()
                        ? ""
                        : error.getInstanceNode().asString("");
        String field = error.getProperty();
        return switch (error.getKeyword()) {
            case "additionalProperties", "unevaluatedProperties" ->
                new Problem(
                        path.isEmpty() ? field : path + "." + field,
                        String.valueOf(field),
                        "No field is called \"" + field + "\" here.",
                        "Take it away, or correct its name.");
            case "required" ->
                new Problem(
                        path.isEmpty() ? field : path + "." + field,
                        "",
                        "The field \"" + field + "\" is missing.",
                        "Add it.");
            case "enum", "const" ->
                new Problem(
                        path, value, "This value is not known here.", "Write " + known(error.getSchemaNode()) + ".");
            default ->
                new Problem(
                        path,
                        value,
                        "Of the wrong kind: " + error.getMessage() + ".",
                        "Give a value of the right kind.");
        };
    }
}
