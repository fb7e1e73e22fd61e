package org.waxbell.app.json;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.waxbell.actor.Actor;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.Field;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes the JSON Schema (2020-12) of our strict JSON from the records that it is read into. */
final class SchemaOf {
    private final JsonMapper json;
    private final ObjectNode definitions;

    SchemaOf(JsonMapper json) {
        this.json = json;
        this.definitions = json.createObjectNode();
    }

    /** The schema of a document for which {@code body} holds. */
    ObjectNode document(String name, String title, ObjectNode body) {
        ObjectNode schema = json.createObjectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema")
                .put("$id", "urn:waxbell:" + name)
                .put("title", title);
        schema.setAll(body);
        schema.set("$defs", definitions);
        return schema;
    }

    ObjectNode of(Type type) {
        if (type instanceof ParameterizedType generic) {
            return generic(generic);
        }
        Class<?> plain = (Class<?>) type;
        if (plain == String.class) {
            return typed("string");
        }
        if (Set.of(int.class, long.class, Integer.class, Long.class).contains(plain)) {
            return typed("integer");
        }
        if (plain == boolean.class) {
            return typed("boolean");
        }
        if (plain.isEnum()) {
            ObjectNode schema = json.createObjectNode();
            ArrayNode names = schema.putArray("enum");
            Arrays.stream(plain.getEnumConstants())
                    .forEach(each -> names.add(json.valueToTree(each).asString()));
            return schema;
        }
        Class<?> mixin = Mixins.all().get(plain);
        if (mixin != null) {
            return named(plain, () -> {
                ObjectNode family = family(mixin.getAnnotation(JsonSubTypes.class));
                if (plain == ShowEvent.class) {
                    Facts.all().forEach(kind -> fact(family, kind));
                }
                return family;
            });
        }
        if (!plain.isRecord()) {
            throw new IllegalArgumentException("no JSON of ours: " + plain);
        }
        return named(plain, () -> record(plain, null));
    }

    private ObjectNode generic(ParameterizedType type) {
        Type inner = type.getActualTypeArguments()[type.getActualTypeArguments().length - 1];
        if (type.getRawType() == Optional.class) {
            ObjectNode schema = json.createObjectNode();
            schema.putArray("anyOf").add(of(inner)).add(typed("null"));
            return schema;
        }
        boolean map = type.getRawType() == Map.class;
        if (!map && !Set.of(List.class, Set.class).contains(type.getRawType())) {
            throw new IllegalArgumentException("no JSON of ours: " + type);
        }
        ObjectNode schema = typed(map ? "object" : "array");
        schema.set(map ? "additionalProperties" : "items", of(inner));
        return schema;
    }

    private ObjectNode named(Class<?> type, Supplier<ObjectNode> make) {
        if (!definitions.has(type.getSimpleName())) {
            definitions.putObject(type.getSimpleName());
            definitions.set(type.getSimpleName(), make.get());
        }
        return json.createObjectNode().put("$ref", "#/$defs/" + type.getSimpleName());
    }

    /** What a document of a family must have depends on its kind, so that an error names the one place that is wrong. */
    ObjectNode family(JsonSubTypes kinds) {
        ObjectNode schema = typed("object");
        ArrayNode names = schema.putObject("properties").putObject("kind").putArray("enum");
        schema.putArray("required").add("kind");
        schema.putArray("allOf");
        for (JsonSubTypes.Type kind : kinds.value()) {
            names.add(kind.name());
            named(kind.value(), () -> record(kind.value(), kind.name()));
            rule(schema, kind.name()).put("$ref", "#/$defs/" + kind.value().getSimpleName());
        }
        return schema;
    }

    /** What must hold in {@code family} where the kind is that. */
    ObjectNode rule(ObjectNode family, String kind) {
        ObjectNode rule = ((ArrayNode) family.get("allOf")).addObject();
        ObjectNode where = rule.putObject("if");
        where.putObject("properties").putObject("kind").put("const", kind);
        where.putArray("required").add("kind");
        return rule.putObject("then");
    }

    private ObjectNode record(Class<?> type, String kind) {
        ObjectNode schema = typed("object");
        ObjectNode properties = schema.putObject("properties");
        ArrayNode required = schema.putArray("required");
        if (kind != null) {
            properties.putObject("kind").put("const", kind);
            required.add("kind");
        }
        for (RecordComponent component : type.getRecordComponents()) {
            properties.set(
                    component.getName(),
                    component.getName().equals("formatVersion") ? version(type) : of(component.getGenericType()));
            // Who did it may be left out; then it was the host.
            if (component.getType() != Actor.class) {
                required.add(component.getName());
            }
        }
        schema.put("additionalProperties", false);
        return schema;
    }

    private void fact(ObjectNode family, FactKind kind) {
        String name = Character.toUpperCase(kind.name().charAt(0)) + kind.name().substring(1) + "Fact";
        ((ArrayNode) family.at("/properties/kind/enum")).add(kind.name());
        rule(family, kind.name()).put("$ref", "#/$defs/" + name);
        definitions.putObject(name);
        ObjectNode schema = typed("object");
        ObjectNode properties = schema.putObject("properties");
        ArrayNode required = schema.putArray("required");
        properties.putObject("kind").put("const", kind.name());
        required.add("kind");
        if (kind.ofChannel()) {
            properties.set("from", typed("string"));
            properties.set("viewer", of(Viewer.class));
            required.add("from").add("viewer");
        }
        for (Field field : kind.fields()) {
            properties.set(
                    field.key(),
                    field.type() == Field.Type.TEXTS ? texts() : of(field.type().holds()));
            required.add(field.key());
        }
        properties.set("by", of(Actor.class));
        schema.put("additionalProperties", false);
        definitions.set(name, schema);
    }

    private ObjectNode texts() {
        ObjectNode schema = typed("object");
        schema.set("additionalProperties", typed("string"));
        return schema;
    }

    private ObjectNode version(Class<?> type) {
        try {
            return json.createObjectNode().put("const", type.getField("FORMAT").getInt(null));
        } catch (ReflectiveOperationException none) {
            throw new IllegalStateException(type + " does not say its FORMAT", none);
        }
    }

    private ObjectNode typed(String type) {
        return json.createObjectNode().put("type", type);
    }
}
