package org.waxbell.app.json;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.waxbell.actor.Actor;
import org.waxbell.event.Fact;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.Field;
import org.waxbell.event.Viewer;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.jsontype.TypeDeserializer;
import tools.jackson.databind.jsontype.TypeSerializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ObjectNode;

/** Facts as JSON: the kind, where it comes from and who caused it, then its fields by their keys, as its kind lists them. */
final class FactFormat {
    private static final String KIND = "kind";
    private static final String FROM = "from";
    private static final String VIEWER = "viewer";
    private static final String BY = "by";

    private FactFormat() {}

    static SimpleModule module() {
        SimpleModule module = new SimpleModule("facts");
        module.addSerializer(Fact.class, new Writer());
        module.addDeserializer(Fact.class, new Reader());
        Facts.all().forEach(kind -> module.registerSubtypes(new NamedType(Fact.class, kind.name())));
        OldFacts.NAMES.forEach(name -> module.registerSubtypes(new NamedType(Fact.class, name)));
        return module;
    }

    private static final class Writer extends ValueSerializer<Fact> {
        @Override
        public void serialize(Fact fact, JsonGenerator out, SerializationContext context) {
            out.writeStartObject();
            out.writeStringProperty(KIND, fact.kind());
            fact.link().ifPresent(link -> out.writeStringProperty(FROM, link));
            fact.by().ifPresent(viewer -> context.defaultSerializeProperty(VIEWER, viewer, out));
            fact.fields().forEach((key, value) -> context.defaultSerializeProperty(key, value, out));
            if (!fact.actor().equals(fact.what().usual(fact.link().orElse("")))) {
                context.defaultSerializeProperty(BY, fact.actor(), out);
            }
            out.writeEndObject();
        }

        @Override
        public void serializeWithType(Fact fact, JsonGenerator out, SerializationContext context, TypeSerializer type) {
            serialize(fact, out, context);
        }
    }

    private static final class Reader extends ValueDeserializer<Fact> {
        @Override
        public Fact deserialize(JsonParser in, DeserializationContext context) {
            ObjectNode node = OldFacts.bringUp((ObjectNode) context.readTree(in));
            FactKind kind = Facts.kind(node.path(KIND).asString("")).orElseThrow();
            Set<String> known = new HashSet<>(Set.of(KIND, BY));
            if (kind.ofChannel()) {
                known.add(FROM);
            }
            if (kind.mayHaveViewer()) {
                known.add(VIEWER);
            }
            kind.fields().forEach(field -> known.add(field.key()));
            for (Map.Entry<String, JsonNode> each : node.properties()) {
                if (!known.contains(each.getKey())) {
                    throw UnrecognizedPropertyException.from(in, Fact.class, each.getKey(), List.copyOf(known));
                }
            }
            Optional<String> from =
                    kind.ofChannel() ? Optional.of(read(in, context, node, FROM, String.class)) : Optional.empty();
            Optional<Viewer> viewer = kind.ofChannel() || kind.mayHaveViewer() && node.has(VIEWER)
                    ? Optional.of(read(in, context, node, VIEWER, Viewer.class))
                    : Optional.empty();
            Actor by = node.has(BY) ? read(in, context, node, BY, Actor.class) : kind.usual(from.orElse(""));
            Map<String, Object> values = new LinkedHashMap<>();
            kind.fields().forEach(field -> values.put(field.key(), value(in, context, node, field)));
            return kind.of(by, from, viewer, field -> values.get(field.key()));
        }

        private static Object value(JsonParser in, DeserializationContext context, ObjectNode node, Field field) {
            if (field.type() != Field.Type.TEXTS) {
                return read(in, context, node, field.key(), field.type().holds());
            }
            Map<String, String> texts = new LinkedHashMap<>();
            node.path(field.key())
                    .properties()
                    .forEach(each -> texts.put(each.getKey(), each.getValue().asString("")));
            return texts;
        }

        private static <T> T read(
                JsonParser in, DeserializationContext context, ObjectNode node, String key, Class<T> type) {
            JsonNode value = node.get(key);
            try {
                if (value == null || value.isNull()) {
                    throw MismatchedInputException.from(in, type, "Missing property '" + key + "'");
                }
                if (type == String.class && !value.isString() || type == Long.class && !value.isIntegralNumber()) {
                    throw MismatchedInputException.from(
                            in, type, "This is no " + (type == Long.class ? "whole number" : "text"));
                }
                return context.readTreeAsValue(value, type);
            } catch (JacksonException wrong) {
                wrong.prependPath(Fact.class, key);
                throw wrong;
            }
        }

        @Override
        public Object deserializeWithType(JsonParser in, DeserializationContext context, TypeDeserializer type) {
            return deserialize(in, context);
        }
    }
}
