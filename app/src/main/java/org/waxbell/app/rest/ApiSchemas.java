package org.waxbell.app.rest;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MapSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.waxbell.actor.Actor;
import org.waxbell.app.json.Mixins;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Target;
import org.waxbell.event.Viewer;

/** Describes families by their kinds, and a record's fields as required unless they may be null, as our JSON is strict. */
@Configuration(proxyBeanMethods = false)
class ApiSchemas {
    private static final String REFERENCE = "#/components/schemas/";

    @Bean
    OpenApiCustomizer head() {
        return (OpenAPI api) -> api.info(new Info()
                        .title("Wax Bell")
                        .version("1")
                        .description("What the console reads and changes. Times are milliseconds since 1970 UTC."))
                .servers(List.of());
    }

    @Bean
    ModelConverter strictSchemas() {
        return new Strict();
    }

    private static final class Strict implements ModelConverter {
        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            JavaType java = Json.mapper().constructType(type.getType());
            Class<?> raw = java == null ? Object.class : java.getRawClass();
            Class<?> mixin = Mixins.all().get(raw);
            if (mixin != null) {
                return family(raw, mixin.getAnnotation(JsonSubTypes.class), context);
            }
            if (raw.isEnum() && raw.getName().startsWith("org.waxbell")) {
                Schema<String> names = new StringSchema();
                Arrays.stream(raw.getEnumConstants())
                        .forEach(each -> names.addEnumItemObject(camel(((Enum<?>) each).name())));
                return names;
            }
            Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
            if (raw.isRecord() && context.getDefinedModels().get(raw.getSimpleName()) instanceof Schema<?> model) {
                require(model, raw);
            }
            return schema;
        }

        /** A constant's name as our JSON writes it: {@code ONE_OF} is {@code oneOf}. */
        private static String camel(String constant) {
            String[] words = constant.toLowerCase(Locale.ROOT).split("_");
            StringBuilder name = new StringBuilder(words[0]);
            for (int i = 1; i < words.length; i++) {
                name.append(Character.toUpperCase(words[i].charAt(0))).append(words[i].substring(1));
            }
            return name.toString();
        }

        private static Schema<?> family(Class<?> raw, JsonSubTypes kinds, ModelConverterContext context) {
            String name = raw.getSimpleName();
            if (!context.getDefinedModels().containsKey(name)) {
                Schema<Object> family = new Schema<>();
                context.defineModel(name, family);
                Discriminator discriminator = new Discriminator().propertyName("kind");
                for (JsonSubTypes.Type kind : kinds.value()) {
                    String kindName = kind.value().getSimpleName();
                    context.resolve(new AnnotatedType(kind.value()).resolveAsRef(true));
                    addKind(Objects.requireNonNull(context.getDefinedModels().get(kindName)), kind.name());
                    family.addOneOfItem(new Schema<>().$ref(REFERENCE + kindName));
                    discriminator.mapping(kind.name(), REFERENCE + kindName);
                }
                if (raw == ShowEvent.class) {
                    context.resolve(new AnnotatedType(Viewer.class).resolveAsRef(true));
                    context.resolve(new AnnotatedType(Target.class).resolveAsRef(true));
                    context.resolve(new AnnotatedType(Actor.class).resolveAsRef(true));
                    Facts.all().forEach(fact -> addFact(family, discriminator, fact, context));
                }
                family.discriminator(discriminator);
            }
            return new Schema<>().$ref(REFERENCE + name);
        }

        private static void addFact(
                Schema<?> family, Discriminator discriminator, FactKind fact, ModelConverterContext context) {
            String name =
                    Character.toUpperCase(fact.name().charAt(0)) + fact.name().substring(1) + "Fact";
            Schema<?> model = new ObjectSchema().name(name);
            if (fact.ofChannel()) {
                require(model, "from", new StringSchema());
                require(model, "viewer", new Schema<>().$ref(REFERENCE + "Viewer"));
            }
            fact.fields()
                    .forEach(field -> require(
                            model,
                            field.key(),
                            switch (field.type()) {
                                case TEXT -> new StringSchema();
                                case NUMBER, MONEY -> new IntegerSchema().format("int64");
                                case TEXTS -> new MapSchema().additionalProperties(new StringSchema());
                                case TARGET -> new Schema<>().$ref(REFERENCE + "Target");
                            }));
            model.addProperty("by", new Schema<>().$ref(REFERENCE + "Actor"));
            addKind(model, fact.name());
            context.defineModel(name, model);
            family.addOneOfItem(new Schema<>().$ref(REFERENCE + name));
            discriminator.mapping(fact.name(), REFERENCE + name);
        }

        private static void require(Schema<?> model, String name, Schema<?> field) {
            model.addProperty(name, field);
            model.addRequiredItem(name);
        }

        private static void addKind(Schema<?> model, String kind) {
            Schema<String> constant = new StringSchema();
            constant.addEnumItemObject(kind);
            model.addProperty("kind", constant);
            model.addRequiredItem("kind");
        }

        private static void require(Schema<?> model, Class<?> raw) {
            for (RecordComponent component : raw.getRecordComponents()) {
                boolean mayBeNull = component.getAnnotatedType().isAnnotationPresent(Nullable.class);
                if (mayBeNull
                        && model.getProperties() != null
                        && model.getProperties().get(component.getName()) instanceof Schema<?> field) {
                    field.setNullable(true);
                } else if (model.getRequired() == null || !model.getRequired().contains(component.getName())) {
                    model.addRequiredItem(component.getName());
                }
            }
        }
    }
}
