package hitch.core.detail;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What was said of a finding beyond its kind, place and size, or is known of a job. Immutable; in the order of {@link Detail#all}. */
public final class Details {
    public static final Details NONE = new Details(Map.of());

    private final Map<Detail<?>, Object> said;

    private Details(Map<Detail<?>, Object> said) {
        Map<Detail<?>, Object> ordered = new LinkedHashMap<>();
        for (List<Detail<?>> among : List.of(Detail.all(), Detail.ofJobs())) {
            for (Detail<?> detail : among) {
                if (said.containsKey(detail)) {
                    ordered.put(detail, said.get(detail));
                }
            }
        }
        this.said = Collections.unmodifiableMap(ordered);
    }

    /**
     * One detail said, or taken back.
     *
     * @param text its value as a text; blank to take it back
     */
    public record Change(Detail<?> detail, String text) {
        /** These details with the change; as they were where the text is no value. */
        public Details in(Details details) {
            return text.isBlank() ? details.without(detail) : typed(details, detail);
        }

        private <T> Details typed(Details details, Detail<T> of) {
            return of.read(text).map(v -> details.with(of, v)).orElse(details);
        }
    }

    /** Details with one thing said. */
    public static <T> Details of(Detail<T> detail, T value) {
        return NONE.with(detail, value);
    }

    /**
     * Details from texts as {@link #texts} gives them.
     *
     * @throws IllegalArgumentException where a key is unknown or a text is no value of it
     */
    public static Details of(Map<String, String> texts) {
        Map<Detail<?>, Object> said = new LinkedHashMap<>();
        texts.forEach((key, text) -> {
            Detail<?> detail =
                    Detail.of(key).orElseThrow(() -> new IllegalArgumentException("no detail is called " + key));
            said.put(detail, detail.read(text).orElseThrow(() -> new IllegalArgumentException(wrong(detail, text))));
        });
        return said.isEmpty() ? NONE : new Details(said);
    }

    /** What to say of a text that a detail cannot have. */
    public static String wrong(Detail<?> detail, String text) {
        return detail.title() + " cannot be \"" + text + "\"; it is written like this: " + detail.example();
    }

    @SuppressWarnings("unchecked")
    public <T> Optional<T> get(Detail<T> detail) {
        return Optional.ofNullable((T) said.get(detail));
    }

    public boolean has(Detail<?> detail) {
        return said.containsKey(detail);
    }

    public boolean isNone() {
        return said.isEmpty();
    }

    public <T> Details with(Detail<T> detail, T value) {
        Map<Detail<?>, Object> more = new LinkedHashMap<>(said);
        more.put(detail, Objects.requireNonNull(value));
        return new Details(more);
    }

    public Details without(Detail<?> detail) {
        if (!has(detail)) {
            return this;
        }
        Map<Detail<?>, Object> less = new LinkedHashMap<>(said);
        less.remove(detail);
        return less.isEmpty() ? NONE : new Details(less);
    }

    /** These, and of {@code other} what these leave unsaid. */
    public Details or(Details other) {
        if (other.isNone()) {
            return this;
        }
        Map<Detail<?>, Object> both = new LinkedHashMap<>(other.said);
        both.putAll(said);
        return new Details(both);
    }

    /** Which were said, in the order they are told. */
    public List<Detail<?>> all() {
        return List.copyOf(said.keySet());
    }

    /** Each value as a text, by its detail's key. */
    public Map<String, String> texts() {
        Map<String, String> texts = new LinkedHashMap<>();
        said.keySet().forEach(d -> texts.put(d.key(), text(d)));
        return texts;
    }

    /** The text of one; empty where it was not said. */
    public String text(Detail<?> detail) {
        return written(detail);
    }

    private <T> String written(Detail<T> detail) {
        return get(detail).map(detail::write).orElse("");
    }

    /** Each in words, in the order they are told. */
    public List<String> words() {
        return said.keySet().stream().map(this::worded).toList();
    }

    private <T> String worded(Detail<T> detail) {
        return get(detail).map(detail::say).orElse("");
    }

    /** Those that a recipient may see, free words put through {@code how}. */
    public Details shown(boolean house, boolean people, UnaryOperator<String> how) {
        if (isNone()) {
            return this;
        }
        Map<Detail<?>, Object> shown = new LinkedHashMap<>();
        said.forEach((detail, value) -> {
            if (detail.isFor(house, people)) {
                shown.put(detail, detail.isFree() ? how.apply((String) value) : value);
            }
        });
        return shown.isEmpty() ? NONE : new Details(shown);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Details d && d.said.equals(said);
    }

    @Override
    public int hashCode() {
        return said.hashCode();
    }

    @Override
    public String toString() {
        return texts().toString();
    }
}
