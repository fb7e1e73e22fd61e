package org.waxbell.app.json;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.waxbell.rehearsal.Step;
import org.waxbell.wiring.WiringDocument;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The schemas in docs/formats are what the program reads; {@code ./waxbell openapi} writes them anew. */
class PublishedSchemasTest {
    private final JsonMapper json = mapper();
    private final SchemaOf schemas = new SchemaOf(json);

    private static JsonMapper mapper() {
        JsonMapper.Builder builder = JsonMapper.builder();
        new JsonConfig().strict().customize(builder);
        return builder.build();
    }

    private void same(String name, ObjectNode schema) throws IOException {
        Path file = Path.of("../docs/formats/" + name + ".schema.json");
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(file, json.writerWithDefaultPrettyPrinter().writeValueAsString(schema) + "\n");
        }
        assertThat(json.readTree(Files.readString(file)).equals(schema))
                .as(file + " is up to date; ./waxbell openapi writes it anew")
                .isTrue();
    }

    @Test
    void theWiringsSchemaIsPublished() throws IOException {
        same("wiring", schemas.document("wiring", "A wiring of Wax Bell", schemas.of(WiringDocument.class)));
    }

    @Test
    void theSchemaOfALineOfAScriptIsPublished() throws IOException {
        ObjectNode line = schemas.family(Mixins.all().get(Step.class).getAnnotation(JsonSubTypes.class));
        ((ArrayNode) line.at("/properties/kind/enum")).add("opening");
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
}
