package hitch.core.talk;

import hitch.core.caption.Cue;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * A made-up commentary with what a careful listener would want of it. Each line is a caption, a bar, and its labels:
 * {@code roots@12:left}, {@code standing water@26-33}, a minus before what is ruled out, a question mark behind what may be left out.
 */
record Labelled(String name, List<Cue> cues, List<Label> labels) {
    private static final Pattern LABEL =
            Pattern.compile("(-?)([a-z -]+?)(\\?)?(?:@([\\d.]+)(?:-([\\d.]+))?(\\?)?)?(?::([a-z,]+))?");
    private static final Path FOLDER = Path.of("src/test/resources/hitch/core/talk/commentaries");
    private static final double EVERY = 5;

    /** What is wanted, with the moment at which it is said; {@code from} is not a number where no place is. */
    record Label(double seconds, String kind, double from, double to, boolean ruledOut, boolean must) {
        boolean hasPlace() {
            return !Double.isNaN(from);
        }
    }

    /** How a reading did. */
    record Score(int must, int got, int placed, int placesRight, int drafts, int right) {
        Score plus(Score other) {
            return new Score(
                    must + other.must,
                    got + other.got,
                    placed + other.placed,
                    placesRight + other.placesRight,
                    drafts + other.drafts,
                    right + other.right);
        }

        double recall() {
            return (double) got / must;
        }

        double precision() {
            return (double) right / drafts;
        }

        double places() {
            return (double) placesRight / placed;
        }
    }

    /** All that there are. */
    static List<String> names() {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files.map(f -> f.getFileName().toString().replace(".txt", ""))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Labelled read(String name) {
        try {
            List<String> lines = Files.readAllLines(FOLDER.resolve(name + ".txt"));
            List<Cue> cues = new ArrayList<>();
            List<Label> labels = new ArrayList<>();
            double at = 4;
            for (String line : lines) {
                if (line.isBlank()) {
                    continue;
                }
                String[] both = line.split("\\|", 2);
                cues.add(new Cue(at, at + EVERY - 0.5, both[0].strip()));
                for (String text : both[1].split(";")) {
                    if (!text.isBlank()) {
                        labels.add(label(text.strip(), at));
                    }
                }
                at += EVERY;
            }
            return new Labelled(name, cues, labels);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Label label(String text, double at) {
        Matcher m = LABEL.matcher(text);
        if (!m.matches()) {
            throw new IllegalArgumentException(text);
        }
        double from = m.group(4) == null ? Double.NaN : Double.parseDouble(m.group(4));
        double to = m.group(5) == null ? from : Double.parseDouble(m.group(5));
        boolean may = m.group(3) != null || m.group(6) != null;
        return new Label(at, m.group(2), from, to, !m.group(1).isEmpty(), !may);
    }

    /** Each label is met by one draft at most and the other way round, those that agree in place before others. */
    Score score(List<Spoken> drafts) {
        boolean[] met = new boolean[labels.size()];
        boolean[] used = new boolean[drafts.size()];
        boolean[] placed = new boolean[labels.size()];
        boolean[] right = new boolean[drafts.size()];
        for (boolean wanted : new boolean[] {true, false}) {
            for (int i = 0; i < labels.size(); i++) {
                for (int j = 0; j < drafts.size() && !met[i]; j++) {
                    Label label = labels.get(i);
                    boolean same = isSamePlace(label, drafts.get(j));
                    if (!used[j] && isOne(label, drafts.get(j)) && same == wanted) {
                        met[i] = true;
                        used[j] = true;
                        placed[i] = label.hasPlace() && same;
                        right[j] = same || drafts.get(j).draft().place().isEmpty();
                    }
                }
            }
        }
        int must = 0;
        int got = 0;
        int withPlace = 0;
        int placesRight = 0;
        for (int i = 0; i < met.length; i++) {
            Label label = labels.get(i);
            if (label.must()) {
                must++;
                got += met[i] && (placed[i] || !label.hasPlace()) ? 1 : 0;
                withPlace += label.hasPlace() ? 1 : 0;
                placesRight += placed[i] ? 1 : 0;
            }
        }
        int rights = 0;
        for (boolean r : right) {
            rights += r ? 1 : 0;
        }
        return new Score(must, got, withPlace, placesRight, drafts.size(), rights);
    }

    private static boolean isOne(Label label, Spoken spoken) {
        String kind = spoken.draft().matter() instanceof FindingKind k
                ? k.broad().word()
                : spoken.draft().matter().word();
        boolean ruledOut = spoken.draft().certainty() == Certainty.RULED_OUT;
        return kind.equals(label.kind())
                && ruledOut == label.ruledOut()
                && Math.abs(spoken.seconds() - label.seconds()) <= 12;
    }

    private static boolean isSamePlace(Label label, Spoken spoken) {
        if (spoken.draft().place().isEmpty() || !label.hasPlace()) {
            return spoken.draft().place().isEmpty() && !label.hasPlace();
        }
        double from = spoken.draft().place().get().from().inFeet();
        double to = spoken.draft().place().get().to().inFeet();
        boolean both = Math.abs(from - label.from()) <= 0.3 && Math.abs(to - label.to()) <= 0.3;
        boolean within =
                from == to && label.from() != label.to() && from >= label.from() - 0.3 && from <= label.to() + 0.3;
        return both || within;
    }
}
