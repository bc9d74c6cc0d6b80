package hitch.store.journal;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import hitch.core.counter.CounterMark;
import hitch.core.decide.Decision;
import hitch.core.finding.PhotoPlace;
import hitch.core.job.Deed;
import hitch.core.job.Edit;
import hitch.core.job.ShotVoice;
import hitch.core.rules.RulePart;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;

/** An edit as JSON, and back. */
final class EditJson {
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "edit")
    private interface NamedEdit {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "mark")
    private interface NamedMark {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "rules")
    private interface NamedRules {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "decision")
    private interface NamedDecision {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "shows")
    private interface NamedPlace {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "voice")
    private interface NamedVoice {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "deed")
    private interface NamedDeed {}

    static final JsonMapper MAPPER = JsonMapper.builder()
            .addModule(DetailsJson.module())
            .addMixIn(Edit.class, NamedEdit.class)
            .addMixIn(CounterMark.class, NamedMark.class)
            .addMixIn(Decision.class, NamedDecision.class)
            .addMixIn(PhotoPlace.class, NamedPlace.class)
            .addMixIn(ShotVoice.class, NamedVoice.class)
            .addMixIn(Deed.class, NamedDeed.class)
            .addMixIn(RulePart.class, NamedRules.class)
            .registerSubtypes(types(EditNames.edits()))
            .registerSubtypes(types(EditNames.rules()))
            .registerSubtypes(types(EditNames.marks()))
            .registerSubtypes(types(EditNames.decisions()))
            .registerSubtypes(types(EditNames.places()))
            .registerSubtypes(types(EditNames.voices()))
            .registerSubtypes(types(EditNames.deeds()))
            // Only a record's own parts are written, not what it can tell about them.
            .changeDefaultVisibility(v -> v.withGetterVisibility(Visibility.NONE)
                    .withIsGetterVisibility(Visibility.NONE)
                    .withFieldVisibility(Visibility.ANY))
            // A part that is not known would be lost without a word.
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private EditJson() {}

    private static NamedType[] types(Map<String, Class<?>> names) {
        return names.entrySet().stream()
                .map(e -> new NamedType(e.getValue(), e.getKey()))
                .toArray(NamedType[]::new);
    }

    static JsonNode write(Edit edit) {
        return MAPPER.readTree(MAPPER.writerFor(Edit.class).writeValueAsString(edit));
    }

    /**
     * @throws JacksonException where it is no edit that this Hitch knows
     */
    static Edit read(JsonNode edit) {
        return MAPPER.treeToValue(edit, Edit.class);
    }

    static JsonNode write(Deed deed) {
        return MAPPER.readTree(MAPPER.writerFor(Deed.class).writeValueAsString(deed));
    }

    /** What happened; {@link Deed.Lost} where this Hitch does not know it. */
    static Deed readDeed(JsonNode deed) {
        try {
            return MAPPER.treeToValue(deed, Deed.class);
        } catch (JacksonException | IllegalArgumentException | NullPointerException e) {
            return new Deed.Lost("something was handed over, written by a newer Hitch");
        }
    }
}
