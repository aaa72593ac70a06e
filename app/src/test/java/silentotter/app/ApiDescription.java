package silentotter.app;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ComposedSchema;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import silentotter.app.json.Quantities;
import silentotter.app.part.SheetPart;
import silentotter.app.plan.AnswerView;
import silentotter.app.plan.PlanView;
import silentotter.app.practice.DebriefView;
import silentotter.app.practice.PracticeView;
import silentotter.app.sheet.SheetView;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Labelled;
import silentotter.core.wording.Worded;
import tools.jackson.databind.JsonNode;

/** The OpenAPI description, from which the front end's types are generated: part of the build, not of the application. */
@Configuration
class ApiDescription {
    private static final String REFERENCE = "#/components/schemas/";

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(new Info()
                        .title("Silent Otter")
                        .version("1")
                        .description("Sentences are filled in the units that the header Otter-Units asks for, such as "
                                + "\"psi, US qt, mi, F\"; metric where it says nothing."))
                // A fixed server, or the description would change with the port.
                .servers(List.of(new Server().url("/")));
    }

    /** What a browser sends by itself is nobody's to give. */
    @Bean
    OpenApiCustomizer withoutContentType() {
        return api -> api.getPaths().values().stream()
                .flatMap(p -> p.readOperations().stream())
                .filter(o -> o.getParameters() != null)
                .forEach(o -> o.getParameters().removeIf(p -> p.getName().equals("Content-Type")));
    }

    @Bean
    ModelConverter asItIsWritten(List<SheetPart<?>> parts) {
        return new ModelConverter() {
            @Override
            public Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                JavaType java = Json.mapper().constructType(type.getType());
                Class<?> raw = java == null ? Object.class : java.getRawClass();
                if (raw == SheetView.class) {
                    return sheet(parts, context);
                }
                if (raw == AnswerView.class) {
                    return context.resolve(new AnnotatedType(AnswerView.OF).resolveAsRef(true));
                }
                if (raw == PlanView.class) {
                    return context.resolve(new AnnotatedType(PlanView.OF).resolveAsRef(true));
                }
                if (raw == PracticeView.class) {
                    return context.resolve(new AnnotatedType(PracticeView.OF).resolveAsRef(true));
                }
                if (raw == DebriefView.class) {
                    return context.resolve(new AnnotatedType(DebriefView.OF).resolveAsRef(true));
                }
                if (raw == CylinderNumber.class) {
                    return new IntegerSchema().format("int32");
                }
                if (Quantities.suffix(raw).isPresent()) {
                    return new NumberSchema().format("double");
                }
                if (JsonNode.class.isAssignableFrom(raw)) {
                    return new ObjectSchema();
                }
                if (raw == Estimate.class) {
                    return range();
                }
                Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
                if (schema != null && raw.isRecord()) {
                    asRecord(raw, modelOf(schema, context));
                }
                return schema;
            }
        };
    }

    /** Its head, and what each part shows. */
    private static Schema<?> sheet(List<SheetPart<?>> parts, ModelConverterContext context) {
        ComposedSchema sheet = new ComposedSchema();
        sheet.addAllOfItem(context.resolve(new AnnotatedType(SheetView.HEAD).resolveAsRef(true)));
        parts.forEach(p -> sheet.addAllOfItem(
                context.resolve(new AnnotatedType(p.shows()).resolveAsRef(true).name(named(p)))));
        context.defineModel("SheetView", sheet);
        return new Schema<>().$ref(REFERENCE + "SheetView");
    }

    private static String named(SheetPart<?> part) {
        return part.name() + "Shown";
    }

    private static Schema<?> range() {
        Schema<?> range = new ObjectSchema();
        for (String end : List.of("low", "best", "high")) {
            range.addProperty(end, new NumberSchema().format("double"));
            range.addRequiredItem(end);
        }
        return range;
    }

    private static Schema<?> modelOf(Schema<?> schema, ModelConverterContext context) {
        return schema.get$ref() == null
                ? schema
                : context.getDefinedModels().get(schema.get$ref().substring(REFERENCE.length()));
    }

    /** Names carry their units; a component of a record is always there unless it says {@link Nullable}. */
    private static void asRecord(Class<?> record, Schema<?> model) {
        if (model == null || model.getProperties() == null) {
            return;
        }
        Map<String, Schema> properties = new LinkedHashMap<>();
        model.getProperties().forEach((name, schema) -> properties.put(name, schema));
        for (RecordComponent component : record.getRecordComponents()) {
            String name = component.getName() + unit(component.getGenericType());
            boolean nullable = component.getType() == Optional.class || isNullable(component);
            if (!name.equals(component.getName()) && properties.containsKey(component.getName())) {
                properties.put(name, properties.remove(component.getName()));
            }
            if (!nullable && properties.containsKey(name)) {
                model.addRequiredItem(name);
            }
            if (Worded.class.isAssignableFrom(record) && Labelled.class.isAssignableFrom(component.getType())) {
                properties.put(name + "Words", new StringSchema());
                model.addRequiredItem(name + "Words");
            }
        }
        model.setProperties(properties);
    }

    private static boolean isNullable(RecordComponent component) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }

    private static String unit(Type type) {
        if (type instanceof ParameterizedType p && p.getActualTypeArguments().length == 1) {
            return unit(p.getActualTypeArguments()[0]);
        }
        return type instanceof Class<?> c ? Quantities.suffix(c).orElse("") : "";
    }
}
