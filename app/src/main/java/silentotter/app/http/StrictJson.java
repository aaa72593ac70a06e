package silentotter.app.http;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * Input is taken as what it says: numbers are numbers (not "NaN", not words), choices are named (not counted), and
 * lists hold no nothing.
 */
@Configuration
class StrictJson {
    @Bean
    JsonMapperBuilderCustomizer strict() {
        return builder -> builder.addModule(new SimpleModule("numbers")
                        .addDeserializer(Double.class, new Numbers())
                        .addDeserializer(double.class, new Numbers()))
                .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .enable(DeserializationFeature.FAIL_ON_READING_DUP_TREE_KEY)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .changeDefaultNullHandling(n -> JsonSetter.Value.forContentNulls(Nulls.FAIL));
    }

    /** A finite number written as one. */
    private static final class Numbers extends StdDeserializer<Double> {
        Numbers() {
            super(Double.class);
        }

        @Override
        public Double deserialize(JsonParser parser, DeserializationContext context) {
            JsonToken token = parser.currentToken();
            if (token == JsonToken.VALUE_NUMBER_FLOAT || token == JsonToken.VALUE_NUMBER_INT) {
                return parser.getDoubleValue();
            }
            return (Double) context.handleUnexpectedToken(getValueType(context), parser);
        }

        @Override
        public Object getNullValue(DeserializationContext context) {
            return null;
        }
    }
}
