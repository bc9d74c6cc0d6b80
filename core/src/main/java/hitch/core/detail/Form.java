package hitch.core.detail;

import hitch.core.measure.Distance;
import hitch.core.measure.LengthText;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/**
 * How a value is written and read back: what is written is read back as the same.
 *
 * @param write its text, one line
 * @param read what a text stands for, as it was written or as people type it; empty where it stands for none
 * @param choices every value there is, where they can be told; else none
 * @param like an example, for a form's prompt and for what is said of a text that cannot be read
 */
record Form<T>(Function<T, String> write, Function<String, Optional<T>> read, List<T> choices, String like) {
    /** One of an enum's. */
    static <T extends Worded> Form<T> words(T... all) {
        List<T> choices = List.of(all);
        return new Form<>(
                Worded::word,
                text -> choices.stream()
                        .filter(c -> c.word().equalsIgnoreCase(text.strip()))
                        .findFirst(),
                choices,
                choices.stream()
                        .map(Worded::word)
                        .reduce((a, b) -> a + ", " + b)
                        .orElse(""));
    }

    /** One of an enum's that has its words elsewhere. */
    static <T> Form<T> of(Function<T, String> word, List<T> choices) {
        return new Form<>(
                word,
                text -> choices.stream()
                        .filter(c -> word.apply(c).equalsIgnoreCase(text.strip()))
                        .findFirst(),
                choices,
                choices.stream().map(word).reduce((a, b) -> a + ", " + b).orElse(""));
    }

    /** Several of an enum's, joined by "and". */
    static <T extends Worded> Form<List<T>> several(T... all) {
        Form<T> one = words(all);
        return new Form<>(
                list -> String.join(" and ", list.stream().map(Worded::word).toList()),
                text -> {
                    List<Optional<T>> read = Arrays.stream(text.split("\\s+and\\s+|\\s*,\\s*"))
                            .map(one.read)
                            .toList();
                    return read.isEmpty() || read.stream().anyMatch(Optional::isEmpty)
                            ? Optional.empty()
                            : Optional.of(read.stream()
                                    .map(Optional::orElseThrow)
                                    .distinct()
                                    .toList());
                },
                one.choices.stream().map(List::of).toList(),
                one.like);
    }

    /** Free words on one line. */
    static Form<String> text(String like) {
        return new Form<>(
                t -> t,
                text -> Optional.of(text.strip().replaceAll("\\s+", " ")).filter(t -> !t.isEmpty()),
                List.of(),
                like);
    }

    /** A share, 0 to 100 percent. */
    static Form<Integer> percent() {
        return new Form<>(
                p -> p + " %",
                text -> {
                    String number = text.replace("%", "").strip();
                    return number.matches("\\d{1,3}") && Integer.parseInt(number) <= 100
                            ? Optional.of(Integer.valueOf(number))
                            : Optional.empty();
                },
                List.of(),
                "30 %");
    }

    /** A year, 1800 to 2199. */
    static Form<Integer> year() {
        return new Form<>(
                String::valueOf,
                text -> text.strip().matches("(?:18|19|20|21)\\d\\d")
                        ? Optional.of(Integer.valueOf(text.strip()))
                        : Optional.empty(),
                List.of(),
                "1958");
    }

    static Form<Distance> length() {
        return new Form<>(LengthText::write, LengthText::read, List.of(), "3/4 in");
    }

    static Form<Count> count() {
        return new Form<>(Count::words, Count::read, List.of(), "9 of 24");
    }

    static Form<Duration> time() {
        return new Form<>(Times::write, Times::read, List.of(), "40 s");
    }

    static Form<Gear> gear() {
        return new Form<>(Gear::words, text -> Gear.read(text.toLowerCase(Locale.ROOT)), List.of(), "skid off");
    }
}
