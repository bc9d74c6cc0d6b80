package hitch.store.described;

import hitch.store.NearestWord;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * How a sort of thing is written and read: a row of fields, each with its key. What is blank is left out, and what is left out stays as
 * it is in the thing that reading begins with.
 */
final class FieldForm<R> {
    /** Reads a value into a thing. */
    interface Reading<R> {
        R read(R into, Value value) throws DescribedException;
    }

    private record Field<R>(String key, Function<R, Object> write, Reading<R> read) {}

    private final String name;
    private final List<Field<R>> fields = new ArrayList<>();

    /** @param name what it is called where something is wrong */
    FieldForm(String name) {
        this.name = name;
    }

    /** Any field; {@code write} gives null where there is nothing to write. */
    FieldForm<R> any(String key, Function<R, Object> write, Reading<R> read) {
        fields.add(new Field<>(key, write, read));
        return this;
    }

    /** A field of words. */
    FieldForm<R> text(String key, Function<R, String> get, BiFunction<R, String, R> set) {
        return any(key, r -> blank(get.apply(r)), (r, v) -> set.apply(r, v.text()));
    }

    /** A field of words that stand for a value; {@code like} tells what they look like. */
    <T> FieldForm<R> value(
            String key,
            Function<R, Optional<String>> get,
            Function<String, Optional<T>> parse,
            String like,
            BiFunction<R, T, R> set) {
        return any(
                key,
                r -> get.apply(r).orElse(null),
                (r, v) -> set.apply(
                        r,
                        parse.apply(v.text())
                                .orElseThrow(() -> new Unread(v.wrong("\"" + textOf(v) + "\" is no " + key
                                        + "; it is written like this: " + like)))));
    }

    private static String textOf(Value value) {
        try {
            return value.text();
        } catch (DescribedException e) {
            return "";
        }
    }

    /** Carries what could not be read out of a lambda. */
    private static final class Unread extends RuntimeException {
        private static final long serialVersionUID = 1;
        private final transient DescribedException why;

        Unread(DescribedException why) {
            this.why = why;
        }
    }

    private static String blank(String text) {
        return text.isEmpty() ? null : text;
    }

    Map<String, Object> write(R thing) {
        Map<String, Object> written = new LinkedHashMap<>();
        for (Field<R> field : fields) {
            Object value = field.write().apply(thing);
            if (value != null
                    && !(value instanceof List<?> list && list.isEmpty())
                    && !(value instanceof Map<?, ?> map && map.isEmpty())) {
                written.put(field.key(), value);
            }
        }
        return written;
    }

    R read(Value value, R start) throws DescribedException {
        Map<String, Value> given = value.map();
        for (String key : given.keySet()) {
            if (fields.stream().noneMatch(f -> f.key().equals(key))) {
                throw value.wrongKey(key, name + " has no \"" + key + "\"; was \"" + nearest(key) + "\" meant?");
            }
        }
        R read = start;
        // In the order of the form, whatever the order of the text.
        for (Field<R> field : fields) {
            Value part = given.get(field.key());
            if (part != null) {
                read = one(field, read, part);
            }
        }
        return read;
    }

    private R one(Field<R> field, R read, Value part) throws DescribedException {
        try {
            return field.read().read(read, part);
        } catch (Unread e) {
            throw e.why;
        } catch (IllegalArgumentException e) {
            throw part.wrong(e.getMessage());
        }
    }

    private String nearest(String key) {
        return NearestWord.to(key, fields.stream().map(Field::key).toList());
    }
}
