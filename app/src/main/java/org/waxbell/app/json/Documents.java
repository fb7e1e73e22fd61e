package org.waxbell.app.json;

import org.springframework.stereotype.Component;
import org.waxbell.act.DeskSheet;
import org.waxbell.cue.Cue;
import org.waxbell.shelf.Media;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Kinds;
import org.waxbell.wiring.WiringDocument;
import org.waxbell.wiring.WiringPatch;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Values as the text of a document and back; what was written here is read again without loss. */
@Component
public final class Documents {
    private final JsonMapper mapper;

    Documents(JsonMapper mapper) {
        this.mapper = mapper;
    }

    /** The same way of writing where nothing else of the application runs. */
    public static Documents standalone() {
        return knowing(Kinds.ALL);
    }

    /** The same for documents that may have these kinds. */
    public static Documents knowing(Kinds kinds) {
        JsonMapper.Builder builder = JsonMapper.builder();
        new JsonConfig().strict(new Families(kinds)).customize(builder);
        return new Documents(builder.build());
    }

    /** The value as JSON. */
    public String write(Object value) {
        return mapper.writeValueAsString(value);
    }

    /** Text that comes from outside as a tree; throws Jackson's exception, which knows the place. A field that stands there twice is refused. */
    public JsonNode tree(String text) {
        return mapper.reader()
                .with(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .readTree(text);
    }

    /** Brings all parts of a whole wiring up to date, in place. */
    public void bringUp(JsonNode wiring) {
        if (wiring.has("formatVersion")) {
            Converters.bringUp(wiring, WiringDocument.class);
        }
        Converters.bringUp(wiring.path("house"), House.class);
        wiring.path("stages").forEach(stage -> Converters.bringUp(stage, Stage.class));
        wiring.path("desks").forEach(desk -> Converters.bringUp(desk, DeskSheet.class));
        wiring.path("cues").forEach(cue -> Converters.bringUp(cue, Cue.class));
        wiring.path("media").forEach(media -> Converters.bringUp(media, Media.class));
    }

    /** Brings a line of a script up to date, in place. */
    public void bringUpLine(JsonNode line) {
        bringUp(line.path("wiring"));
        bringUp(line.path("patch"));
        Converters.bringUp(line.path("patch"), WiringPatch.class);
        Converters.step(line);
        OldState.bringUp(line.path("state"));
    }

    /** The tree as a value; throws Jackson's exception, which knows the place, where it does not fit. */
    public <T> T fit(JsonNode tree, Class<T> type) {
        return mapper.treeToValue(tree, type);
    }

    /** The value as JSON for people and for carrying elsewhere: with lines and indents, always the same. */
    public String writeOut(Object value) {
        return mapper.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsString(value) + "\n";
    }

    /** The document as a value; throws Jackson's exception, which knows the place, where it does not fit. Older versions are brought up to date. */
    public <T> T read(String json, Class<T> type) {
        if (!Converters.concerns(type)) {
            return mapper.readValue(json, type);
        }
        JsonNode tree = mapper.readTree(json);
        Converters.bringUp(tree, type);
        return mapper.treeToValue(tree, type);
    }
}
