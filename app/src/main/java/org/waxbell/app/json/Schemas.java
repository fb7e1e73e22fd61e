package org.waxbell.app.json;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.waxbell.actor.Actor;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.Field;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Kind;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Describes our strict JSON, from the records that it is read into and from what kinds say of their fields: as JSON Schema
 * (2020-12) for formats, and as schemas of OpenAPI for the address of the program.
 */
public final class Schemas {
    private static final Map<Class<?>, String> PLAIN = Map.ofEntries(
            Map.entry(String.class, "string"),
            Map.entry(boolean.class, "boolean"),
            Map.entry(Boolean.class, "boolean"),
            Map.entry(int.class, "integer"),
            Map.entry(long.class, "integer"),
            Map.entry(Integer.class, "integer"),
            Map.entry(Long.class, "integer"),
            Map.entry(double.class, "number"),
            Map.entry(Double.class, "number"),
            Map.entry(JsonNode.class, "object"),
            Map.entry(Object.class, "object"));

    private final JsonMapper json;
    private final Families families;
    private final boolean api;
    private final ObjectNode definitions;

    /** Describes with {@code json}, for formats, or {@code api} for OpenAPI. */
    public Schemas(JsonMapper json, Families families, boolean api) {
        this.json = json;
        this.families = families;
        this.api = api;
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

    /** What was described under names so far. */
    public ObjectNode definitions() {
        return definitions;
    }

    /** Whether that is a type of ours. */
    public boolean knows(Class<?> type) {
        return type.getName().startsWith("org.waxbell")
                && (type.isRecord() || type.isEnum() || families.of(type).isPresent());
    }

    /** Describes values of that type; what has a name is described once, and referred to. */
    public ObjectNode of(Type type) {
        if (type instanceof ParameterizedType generic) {
            return generic(generic);
        }
        Class<?> plain = (Class<?>) type;
        String simple = PLAIN.get(plain);
        if (simple != null) {
            return typed(simple);
        }
        if (plain.isEnum()) {
            ObjectNode schema = typed("string");
            ArrayNode names = schema.putArray("enum");
            Arrays.stream(plain.getEnumConstants())
                    .forEach(each -> names.add(json.valueToTree(each).asString()));
            return schema;
        }
        if (plain.isArray()) {
            ObjectNode schema = typed("array");
            schema.set("items", of(plain.getComponentType()));
            return schema;
        }
        Map<String, Class<?>> members = families.of(plain).orElse(null);
        if (members != null) {
            return named(plain.getSimpleName(), () -> family(plain, members));
        }
        if (!plain.isRecord()) {
            throw new IllegalArgumentException("no JSON of ours: " + plain);
        }
        return named(plain.getSimpleName(), () -> record(plain, null));
    }

    private ObjectNode generic(ParameterizedType type) {
        Type inner = type.getActualTypeArguments()[type.getActualTypeArguments().length - 1];
        if (type.getRawType() == Optional.class && api) {
            return of(inner);
        }
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

    private ObjectNode named(String name, Supplier<ObjectNode> make) {
        if (!definitions.has(name)) {
            definitions.putObject(name);
            definitions.set(name, make.get());
        }
        return reference(name);
    }

    private ObjectNode reference(String name) {
        return json.createObjectNode().put("$ref", (api ? "#/components/schemas/" : "#/$defs/") + name);
    }

    /** What a document of a family must have depends on its kind. */
    ObjectNode family(Class<?> type, Map<String, Class<?>> members) {
        ObjectNode family = api ? json.createObjectNode() : typed("object");
        if (api) {
            family.putArray("oneOf");
            family.putObject("discriminator").put("propertyName", "kind").putObject("mapping");
        } else {
            family.putObject("properties").putObject("kind").putArray("enum");
            family.putArray("required").add("kind");
            family.putArray("allOf");
        }
        members.forEach((name, member) ->
                member(family, name, named(member.getSimpleName(), () -> record(member, name))));
        if (type == ShowEvent.class) {
            Facts.all().forEach(kind -> member(family, kind.name(), fact(kind)));
        }
        return family;
    }

    /** For a format the kind is asked first, so that an error names the one place that is wrong. */
    private void member(ObjectNode family, String name, ObjectNode reference) {
        if (api) {
            ((ArrayNode) family.get("oneOf")).add(reference);
            ((ObjectNode) family.at("/discriminator/mapping"))
                    .put(name, reference.get("$ref").asString());
        } else {
            rule(family, name).setAll(reference);
        }
    }

    /** What must hold in {@code family}, one of a format, where the kind is that. */
    ObjectNode rule(ObjectNode family, String kind) {
        ((ArrayNode) family.at("/properties/kind/enum")).add(kind);
        ObjectNode rule = ((ArrayNode) family.get("allOf")).addObject();
        ObjectNode where = rule.putObject("if");
        where.putObject("properties").putObject("kind").put("const", kind);
        where.putArray("required").add("kind");
        return rule.putObject("then");
    }

    private ObjectNode head(@Nullable String kind) {
        ObjectNode schema = typed("object");
        ObjectNode properties = schema.putObject("properties");
        ArrayNode required = schema.putArray("required");
        if (kind != null) {
            if (api) {
                properties.set("kind", typed("string"));
                ((ObjectNode) properties.get("kind")).putArray("enum").add(kind);
            } else {
                properties.putObject("kind").put("const", kind);
            }
            required.add("kind");
        }
        return schema;
    }

    private ObjectNode record(Class<?> type, @Nullable String kind) {
        ObjectNode schema = head(kind);
        Optional<Kind<?>> described = families.kinds().describing(type);
        described.ifPresent(each -> schema.put("title", each.title()));
        for (RecordComponent component : type.getRecordComponents()) {
            ObjectNode field = component.getName().equals("formatVersion") && !api
                    ? version(type)
                    : of(component.getGenericType());
            described.flatMap(each -> each.field(component.getName())).ifPresent(each -> bounds(field, each));
            ((ObjectNode) schema.get("properties")).set(component.getName(), field);
            // Who did it may be left out; then it was the host.
            if (component.getType() != Actor.class
                    && !component.getAnnotatedType().isAnnotationPresent(Nullable.class)
                    && !(api && component.getType() == Optional.class)) {
                ((ArrayNode) schema.get("required")).add(component.getName());
            }
        }
        return schema.put("additionalProperties", false);
    }

    /** What a kind says of a field. */
    private static void bounds(ObjectNode schema, org.waxbell.kind.Field field) {
        boolean number = schema.path("type").asString("").equals("integer");
        boolean text = schema.path("type").asString("").equals("string");
        schema.put("title", field.label());
        if (!field.when().equals(org.waxbell.kind.Field.When.ALWAYS)) {
            // While it means nothing it may hold anything.
            return;
        }
        if (number && field.least() != Long.MIN_VALUE) {
            schema.put("minimum", field.isOrZero() ? 0 : field.least());
        }
        if (field.most() != Long.MAX_VALUE && (number || text)) {
            schema.put(number ? "maximum" : "maxLength", field.most());
        }
        if (text && !field.choices().isEmpty() && !schema.has("enum")) {
            ArrayNode names = schema.putArray("enum");
            field.choices().forEach(each -> names.add(each.value()));
        }
        if (text && !field.pattern().isEmpty()) {
            schema.put("pattern", "^(" + field.pattern() + ")" + (field.isNeeded() ? "$" : "?$"));
        }
        if (field.type() == org.waxbell.kind.Field.Type.COLOUR && field.isNeeded()) {
            schema.put("pattern", "^#[0-9a-f]{6}$");
        }
    }

    private ObjectNode fact(FactKind kind) {
        return named(Character.toUpperCase(kind.name().charAt(0)) + kind.name().substring(1) + "Fact", () -> {
            ObjectNode schema = head(kind.name());
            List<Map.Entry<String, ObjectNode>> fields = new ArrayList<>();
            if (kind.ofChannel()) {
                fields.add(Map.entry("from", typed("string")));
                fields.add(Map.entry("viewer", of(Viewer.class)));
            } else if (kind.mayHaveViewer()) {
                ((ObjectNode) schema.get("properties")).set("viewer", of(Viewer.class));
            }
            for (Field field : kind.fields()) {
                fields.add(Map.entry(
                        field.key(),
                        field.type() == Field.Type.TEXTS
                                ? texts()
                                : of(field.type().holds())));
            }
            fields.forEach(each -> {
                ((ObjectNode) schema.get("properties")).set(each.getKey(), each.getValue());
                ((ArrayNode) schema.get("required")).add(each.getKey());
            });
            ((ObjectNode) schema.get("properties")).set("by", of(Actor.class));
            return schema.put("additionalProperties", false);
        });
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
