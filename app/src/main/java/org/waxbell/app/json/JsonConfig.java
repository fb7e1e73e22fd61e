package org.waxbell.app.json;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.waxbell.cue.Urgency;
import org.waxbell.event.Standing;
import org.waxbell.gate.ArgumentGate;
import org.waxbell.score.Lane;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.EnumNamingStrategies;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.annotation.EnumNaming;
import tools.jackson.databind.cfg.EnumFeature;

/** One way of writing JSON for pages, documents and the store: strict, so that a misspelled or missing key is told. */
@Configuration(proxyBeanMethods = false)
class JsonConfig {
    @EnumNaming(EnumNamingStrategies.LowerCamelCaseStrategy.class)
    interface SmallLetters {
    }

    @Bean
    JsonMapperBuilderCustomizer strict() {
        return builder -> {
            Mixins.all().forEach(builder::addMixIn);
            builder.addMixIn(Standing.class, SmallLetters.class).addMixIn(Urgency.class, SmallLetters.class).addMixIn(Lane.class, SmallLetters.class)
                    .addMixIn(ArgumentGate.Wants.class, SmallLetters.class)
                    .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES, DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES,
                            DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES, DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                    .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                    .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                    .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT);
        };
    }
}
