package hitch.store.journal;

import hitch.core.detail.Details;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.module.SimpleModule;

/** Details as an object of texts. */
final class DetailsJson {
    private DetailsJson() {}

    static SimpleModule module() {
        return new SimpleModule("details")
                .addSerializer(Details.class, new Writing())
                .addDeserializer(Details.class, new Reading());
    }

    private static final class Writing extends ValueSerializer<Details> {
        @Override
        public void serialize(Details details, JsonGenerator out, SerializationContext context) {
            out.writePOJO(details.texts());
        }
    }

    private static final class Reading extends ValueDeserializer<Details> {
        @Override
        public Details deserialize(JsonParser in, DeserializationContext context) {
            Map<String, String> texts = new LinkedHashMap<>();
            context.readTree(in)
                    .properties()
                    .forEach(p -> texts.put(p.getKey(), p.getValue().asString("")));
            try {
                return Details.of(texts);
            } catch (IllegalArgumentException e) {
                throw InvalidFormatException.from(in, e.getMessage(), texts, Details.class);
            }
        }
    }
}
