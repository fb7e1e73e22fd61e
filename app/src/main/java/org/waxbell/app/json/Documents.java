package org.waxbell.app.json;

import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Values as the text of a document and back; what was written here is read again without loss. */
@Component
public final class Documents {
    private final JsonMapper mapper;

    Documents(JsonMapper mapper) {
        this.mapper = mapper;
    }

    /** The value as JSON. */
    public String write(Object value) {
        return mapper.writeValueAsString(value);
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
