package silentotter.app.json;

import java.util.List;
import java.util.Optional;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import silentotter.core.engine.CylinderNumber;
import silentotter.core.quantity.Estimate;
import silentotter.core.wording.Labelled;
import silentotter.core.wording.Worded;
import silentotter.core.wording.Wording;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.TokenStreamContext;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.PropertyName;
import tools.jackson.databind.SerializationConfig;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.BeanPropertyWriter;
import tools.jackson.databind.ser.ValueSerializerModifier;
import tools.jackson.databind.ser.std.StdSerializer;
import tools.jackson.databind.util.NameTransformer;

/** Values of the core write themselves: quantities by unit, cylinders by number, sentences in the words of the reader. */
@Configuration
class CoreModule {
    @Bean
    JsonMapperBuilderCustomizer core() {
        SimpleModule module = new SimpleModule("core")
                .addSerializer(CylinderNumber.class, new Numbers())
                .addKeySerializer(CylinderNumber.class, new Keys())
                .addSerializer(String.class, new Sentences())
                .setSerializerModifier(new NamesWithUnits());
        Quantities.all().forEach(type -> module.addSerializer(type, new InBase()));
        return builder -> builder.addModule(module);
    }

    private static final class Numbers extends StdSerializer<CylinderNumber> {
        Numbers() {
            super(CylinderNumber.class);
        }

        @Override
        public void serialize(CylinderNumber cylinder, JsonGenerator json, SerializationContext context) {
            json.writeNumber(cylinder.value());
        }
    }

    private static final class Keys extends StdSerializer<CylinderNumber> {
        Keys() {
            super(CylinderNumber.class);
        }

        @Override
        public void serialize(CylinderNumber cylinder, JsonGenerator json, SerializationContext context) {
            json.writeName(Integer.toString(cylinder.value()));
        }
    }

    private static final class InBase extends StdSerializer<Object> {
        InBase() {
            super(Object.class);
        }

        @Override
        public void serialize(Object quantity, JsonGenerator json, SerializationContext context) {
            json.writeNumber(Quantities.inBase(quantity));
        }
    }

    /** The texts of what is {@link Worded} are filled where somebody says for whom; all others are left alone. */
    private static final class Sentences extends StdSerializer<String> {
        Sentences() {
            super(String.class);
        }

        @Override
        public void serialize(String text, JsonGenerator json, SerializationContext context) {
            boolean sentence = text.indexOf('{') >= 0
                    && context.getAttribute(Wording.class) != null
                    && owner(json.streamWriteContext()) instanceof Worded;
            json.writeString(sentence ? ((Wording) context.getAttribute(Wording.class)).fill(text) : text);
        }

        /** The record that a text stands in, also through a list. */
        private static Object owner(TokenStreamContext at) {
            TokenStreamContext context = at;
            while (context.inArray() && context.getParent() != null) {
                context = context.getParent();
            }
            return context.currentValue();
        }
    }

    private static final class NamesWithUnits extends ValueSerializerModifier {
        @Override
        public List<BeanPropertyWriter> changeProperties(
                SerializationConfig config, BeanDescription.Supplier bean, List<BeanPropertyWriter> properties) {
            if (bean.getBeanClass() != Estimate.class) {
                properties.replaceAll(NamesWithUnits::named);
            }
            if (Worded.class.isAssignableFrom(bean.getBeanClass())) {
                properties.addAll(properties.stream()
                        .filter(p -> p.getType().isTypeOrSubTypeOf(Labelled.class))
                        .map(Label::new)
                        .toList());
            }
            return properties;
        }

        private static BeanPropertyWriter named(BeanPropertyWriter property) {
            return Quantities.suffix(quantity(property.getType()))
                    .map(suffix -> property.rename(NameTransformer.simpleTransformer("", suffix)))
                    .orElse(property);
        }

        /** What an optional, an estimate or a list is of. */
        private static Class<?> quantity(JavaType type) {
            JavaType own = type;
            while (own.containedTypeCount() == 1
                    && (own.hasRawClass(Optional.class)
                            || own.hasRawClass(Estimate.class)
                            || own.isCollectionLikeType())) {
                own = own.containedType(0);
            }
            return own.getRawClass();
        }
    }

    /** The words of a labelled value, beside it: {@code sureness: "LIKELY", surenessWords: "likely"}. */
    private static final class Label extends BeanPropertyWriter {
        Label(BeanPropertyWriter labelled) {
            super(labelled, PropertyName.construct(labelled.getName() + "Words"));
        }

        @Override
        public void serializeAsProperty(Object bean, JsonGenerator json, SerializationContext context)
                throws Exception {
            json.writeName(getName());
            context.writeValue(json, ((Labelled) get(bean)).words());
        }
    }
}
