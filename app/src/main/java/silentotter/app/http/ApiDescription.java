package silentotter.app.http;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import jakarta.annotation.Nullable;
import java.lang.reflect.RecordComponent;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI description, from which the front end's types are generated. */
@Configuration
class ApiDescription {
    private static final String REFERENCE = "#/components/schemas/";

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(new Info()
                        .title("Silent Otter")
                        .version("1")
                        .description(
                                "Texts carry quantities as {kPa:905.2}, {mm2:1.85}, {mL:5}, {C:20}, {L:4.2}, {km:1250}; replace each "
                                        + "by the value in the unit wanted."))
                // A fixed server, or the description would change with the port.
                .servers(List.of(new Server().url("/")));
    }

    /** A component of a record is always there unless it says {@link Nullable}. */
    @Bean
    ModelConverter requiredUnlessNullable() {
        return new ModelConverter() {
            @Override
            public Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
                JavaType java = Json.mapper().constructType(type.getType());
                if (schema != null && java != null && java.getRawClass().isRecord()) {
                    require(java.getRawClass(), modelOf(schema, context));
                }
                return schema;
            }
        };
    }

    private static Schema<?> modelOf(Schema<?> schema, ModelConverterContext context) {
        return schema.get$ref() == null
                ? schema
                : context.getDefinedModels().get(schema.get$ref().substring(REFERENCE.length()));
    }

    private static void require(Class<?> record, Schema<?> model) {
        for (RecordComponent component : record.getRecordComponents()) {
            boolean nullable = component.getType() == Optional.class || CompleteBody.isNullable(component);
            if (!nullable && model != null && model.getProperties() != null) {
                model.addRequiredItem(component.getName());
            }
        }
    }
}
