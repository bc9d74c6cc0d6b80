package hitch.store.described;

import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.job.PropertyFacts;
import hitch.core.measure.LengthUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The visit. */
final class JobForms {
    private static final Map<LengthUnit, String> UNITS =
            Map.of(LengthUnit.FEET, "feet", LengthUnit.FEET_INCHES, "feet and inches", LengthUnit.METRES, "metres");

    private JobForms() {}

    static FieldForm<PropertyFacts> facts() {
        FieldForm<PropertyFacts> form = new FieldForm<PropertyFacts>("The job")
                .text("property", PropertyFacts::property, PropertyFacts::withProperty)
                .text("town", PropertyFacts::town, PropertyFacts::withTown)
                .text("client", PropertyFacts::client, PropertyFacts::withClient)
                .text("recorded", PropertyFacts::inspectedOn, PropertyFacts::withInspectedOn)
                .text("reviewer", PropertyFacts::reviewer, PropertyFacts::withReviewer)
                .text("firm", PropertyFacts::firm, PropertyFacts::withFirm)
                .value(
                        "distances in",
                        f -> Optional.of(UNITS.get(f.unit())),
                        t -> Texts.word(t, List.of(LengthUnit.values()), UNITS::get),
                        String.join(", ", UNITS.values()),
                        PropertyFacts::withUnit)
                .text("examined", PropertyFacts::examined, PropertyFacts::withExamined)
                .any("not examined", PropertyFacts::notExamined, (f, v) -> f.withNotExamined(v.texts()))
                .value(
                        "internal only",
                        f -> f.internalOnly() ? Optional.of("yes") : Optional.empty(),
                        t -> Texts.word(t, List.of(true, false), b -> b ? "yes" : "no"),
                        "yes, no",
                        PropertyFacts::withInternalOnly);
        details(form, Detail.ofJobs(), PropertyFacts::more, PropertyFacts::withMore);
        return form;
    }

    /** A field for each detail, by its key with blanks for the strokes. */
    static <R> void details(
            FieldForm<R> form,
            List<Detail<?>> details,
            java.util.function.Function<R, Details> get,
            java.util.function.BiFunction<R, Details, R> set) {
        for (Detail<?> detail : details) {
            form.value(
                    detail.key().replace('_', ' '),
                    r -> Optional.of(get.apply(r).text(detail)).filter(t -> !t.isEmpty()),
                    t -> Optional.of(t).filter(text -> detail.read(text).isPresent()),
                    detail.example(),
                    (r, text) -> set.apply(r, new Details.Change(detail, text).in(get.apply(r))));
        }
    }
}
