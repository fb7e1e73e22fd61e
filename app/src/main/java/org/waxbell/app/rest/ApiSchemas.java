package org.waxbell.app.rest;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.waxbell.app.json.Families;
import org.waxbell.app.json.Schemas;
import tools.jackson.databind.json.JsonMapper;

/** Puts our description of our JSON into that of the addresses. */
@Configuration(proxyBeanMethods = false)
class ApiSchemas {
    @Bean
    OpenApiCustomizer head() {
        return (OpenAPI api) -> api.info(new Info()
                        .title("Wax Bell")
                        .version("1")
                        .description("What the console reads and changes. Times are milliseconds since 1970 UTC."))
                .servers(List.of());
    }

    @Bean
    ModelConverter strictSchemas(JsonMapper json, Families families) {
        return new Ours(new Schemas(json, families, true));
    }

    private record Ours(Schemas schemas) implements ModelConverter {
        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            JavaType java = Json.mapper().constructType(type.getType());
            Class<?> raw = java == null ? Object.class : java.getRawClass();
            if (!schemas.knows(raw)) {
                return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
            }
            Schema<?> described = swagger(schemas.of(raw).toString());
            schemas.definitions()
                    .properties()
                    .forEach(each -> context.defineModel(
                            each.getKey(), swagger(each.getValue().toString())));
            return described;
        }

        private static Schema<?> swagger(String schema) {
            try {
                return Json.mapper().readValue(schema, Schema.class);
            } catch (JsonProcessingException broken) {
                throw new IllegalStateException(broken);
            }
        }
    }
}
