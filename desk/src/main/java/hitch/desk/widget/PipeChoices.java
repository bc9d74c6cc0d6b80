package hitch.desk.widget;

import hitch.core.pipe.Lining;
import hitch.core.pipe.Material;
import hitch.core.pipe.PipeSize;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;

/** The parts of a pipe as choices, each with nothing said as the first. */
public final class PipeChoices {
    private static final double[] INCHES = {1.25, 1.5, 2, 3, 4, 5, 6, 8, 10, 12, 15, 18, 24};

    private PipeChoices() {}

    /**
     * @param unsaid what stands for nothing said, such as {@code unknown}
     */
    public static ComboBox<Optional<Material>> material(
            String name, String unsaid, Optional<Material> value, Consumer<Optional<Material>> keep) {
        return Fields.choice(
                name,
                orNot(Arrays.stream(Material.values())),
                value,
                m -> m.map(Material::word).orElse(unsaid),
                keep);
    }

    /** Also offers the size that stands there, if it is none of the common ones. */
    public static ComboBox<Optional<PipeSize>> size(
            String name, String unsaid, Optional<PipeSize> value, Consumer<Optional<PipeSize>> keep) {
        Stream<PipeSize> sizes = Stream.concat(DoubleStream.of(INCHES).mapToObj(PipeSize::inches), value.stream())
                .distinct()
                .sorted(java.util.Comparator.comparing(PipeSize::bore));
        return Fields.choice(
                name, orNot(sizes), value, s -> s.map(PipeSize::show).orElse(unsaid), keep);
    }

    public static ComboBox<Optional<Lining>> lining(
            String name, String unsaid, Optional<Lining> value, Consumer<Optional<Lining>> keep) {
        return Fields.choice(
                name,
                orNot(Arrays.stream(Lining.values())),
                value,
                l -> l.map(Lining::word).orElse(unsaid),
                keep);
    }

    private static <T> List<Optional<T>> orNot(Stream<T> values) {
        return Stream.concat(Stream.of(Optional.<T>empty()), values.map(Optional::of))
                .toList();
    }
}
