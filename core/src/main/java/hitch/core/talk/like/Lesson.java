package hitch.core.talk.like;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * A made-up commentary with what a careful listener would want of it. Each line is a caption, a bar, and its labels:
 * {@code roots@12:left}, {@code standing water@26-33}, a minus before what is ruled out, a question mark behind what may be left out.
 */
public record Lesson(String name, List<Line> lines) {
    private static final String FOLDER = "commentaries/";
    private static final Pattern LABEL =
            Pattern.compile("(-?)([a-z -]+?)(\\?)?(?:@([\\d.]+)(?:-([\\d.]+))?(\\?)?)?(?::([a-z,]+))?");

    /** A caption, and what it says. */
    public record Line(String text, List<Label> labels) {}

    /**
     * What is wanted.
     *
     * @param kind the word for it
     * @param from feet; not a number where it has no place
     * @param to feet
     * @param must whether it may not be left out
     */
    public record Label(String kind, double from, double to, boolean ruledOut, boolean must) {
        /** Whether it has a place. */
        public boolean hasPlace() {
            return !Double.isNaN(from);
        }
    }

    /** The names of those that come with the program. */
    public static List<String> names() {
        return read(FOLDER + "all.txt").toList();
    }

    /** The one of that name. */
    public static Lesson shipped(String name) {
        return new Lesson(name, read(FOLDER + name + ".txt").map(Lesson::line).toList());
    }

    private static Stream<String> read(String file) {
        try (InputStream in = Objects.requireNonNull(Lesson.class.getResourceAsStream(file), file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().filter(l -> !l.isBlank());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Line line(String written) {
        String[] both = written.split("\\|", 2);
        List<Label> labels = new ArrayList<>();
        for (String label : both[1].split(";")) {
            if (!label.isBlank()) {
                labels.add(label(label.strip()));
            }
        }
        return new Line(both[0].strip(), List.copyOf(labels));
    }

    private static Label label(String text) {
        Matcher m = LABEL.matcher(text);
        if (!m.matches()) {
            throw new IllegalArgumentException(text);
        }
        double from = m.group(4) == null ? Double.NaN : Double.parseDouble(m.group(4));
        double to = m.group(5) == null ? from : Double.parseDouble(m.group(5));
        boolean may = m.group(3) != null || m.group(6) != null;
        return new Label(m.group(2), from, to, !m.group(1).isEmpty(), !may);
    }
}
