package hitch.core.note;

import hitch.core.counter.Distance;
import hitch.core.counter.LengthUnit;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.Degree;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Inches;
import hitch.core.finding.PipePart;
import hitch.core.finding.Traits;
import hitch.core.line.Material;
import hitch.core.line.PipeSize;
import hitch.core.note.Taking.Taken;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The small grammar: kind, station or span, clock position, size, share of the bore, light to heavy, and changes of
 * material or size. Each rule takes the first part of the note that it can read; the order of the rules settles which
 * of them a figure belongs to.
 */
public final class PlainNoteReader implements NoteReader {
    private static final String NUMBER = "\\d{1,4}(?:\\.\\d{1,2})?";
    private static final String INCH = "(?:in\\b\\.?|inch(?:es)?\\b|\")";
    private static final String FEET = "(?:ft\\b\\.?|feet\\b|foot\\b|'|m\\b|metres\\b|meters\\b)";
    private static final String MATERIAL =
            Vocabulary.MATERIALS.stream().map(w -> Pattern.quote(w.phrase())).collect(Collectors.joining("|"));

    private static final Pattern PIPE_CHANGE = Pattern.compile("\\b(?:from )?(?:(\\d{1,2})\\s*" + INCH + "?\\s*)?("
            + MATERIAL + ")\\s*(?:to|into|-+>|>)\\s*(?:(\\d{1,2})\\s*" + INCH + "?\\s*)?(" + MATERIAL + ")\\b");
    private static final Pattern SIZE_CHANGE =
            Pattern.compile("\\b(?:from )?(\\d{1,2})\\s*" + INCH + "?\\s*(?:to|into|-+>|>|-)\\s*(\\d{1,2})\\s*" + INCH);
    private static final Pattern ARC = Pattern.compile(
            "\\b(?:from |between )?(1[0-2]|[1-9])\\s*(?:to|-|and)\\s*" + "(1[0-2]|[1-9])\\s*o[' ]?\\s?clock\\b");
    private static final Pattern HOUR = Pattern.compile("\\b(?:at )?(1[0-2]|[1-9])\\s*o[' ]?\\s?clock\\b");
    private static final Pattern SIDE = Pattern.compile("\\b(?:at the |on the |from the |at |on |from )?"
            + "(top|bottom|left|right|crown|all (?:a)?round)(?: side)?\\b");
    private static final Pattern PERCENT =
            Pattern.compile("\\b(\\d{1,3})\\s*(?:%|percent\\b|per cent\\b)(?: of the (?:bore|pipe))?");
    private static final Pattern FRACTION = Pattern.compile("\\b(?:a |one )?(third|half|quarter|two thirds|two-thirds|"
            + "three quarters)(?: of)?(?: the)?(?: (?:bore|pipe))\\b|\\b(?:a |one )(third|half|quarter)\\b");
    private static final Pattern INCHES = Pattern.compile("\\b(?:(\\d{1,2})[ -])?(\\d{1,2})/(\\d{1,2})\\s*" + INCH + "?"
            + "|(?<![\\d.])(" + NUMBER + ")\\s*(" + INCH + "|mm\\b|cm\\b)");
    private static final Pattern SPAN = Pattern.compile("\\b(?:from |between |at )?(" + NUMBER + ")\\s*" + FEET
            + "?\\s*(?:to|-|–|and)\\s*(" + NUMBER + ")\\s*(" + FEET + ")?(?![\\d/])");
    private static final Pattern FEET_INCHES = Pattern.compile(
            "\\b(?:at )?(\\d{1,3}\\s*(?:'|ft\\.?|feet|foot)\\s*" + "\\d{1,2}\\s*(?:\"|in\\b\\.?|inch(?:es)?\\b))");
    private static final Pattern POINT =
            Pattern.compile("\\bat (" + NUMBER + "\\s*" + FEET + "?)(?![\\d/])|\\b(" + NUMBER + "\\s*" + FEET + ")");
    private static final Pattern DEGREE = Pattern.compile(
            "\\b(light|minor|fine|hair-fine|hairline|slight|small|medium|moderate|heavy|severe|bad|big|thick)\\b");
    private static final List<KindRule> KINDS = Vocabulary.KINDS.stream()
            .map(w -> new KindRule(
                    Pattern.compile("(?<![\\p{L}-])" + Pattern.quote(w.phrase()) + "(?![\\p{L}-])"), w.meaning()))
            .toList();

    private record KindRule(Pattern pattern, FindingKind kind) {}

    private record Change(PipePart before, PipePart after) {}

    @Override
    public Draft read(String note, LengthUnit unit) {
        Taking taking = new Taking(note);
        Optional<Change> pipe = taking.take(PIPE_CHANGE, Chip.Sort.PIPE, (m, text) -> pipeChange(m));
        Optional<Change> sizes = taking.take(SIZE_CHANGE, Chip.Sort.PIPE, (m, text) -> sizeChange(m));
        Optional<ClockPosition> clock = taking.take(
                        ARC,
                        Chip.Sort.CLOCK,
                        (m, text) ->
                                taken(ClockPosition.arc(Integer.parseInt(m.group(1)), Integer.parseInt(m.group(2)))))
                .or(() -> taking.take(
                        HOUR, Chip.Sort.CLOCK, (m, text) -> taken(ClockPosition.at(Integer.parseInt(m.group(1))))));
        Optional<Integer> share = taking.take(
                        PERCENT, Chip.Sort.SHARE, (m, text) -> share(Integer.parseInt(m.group(1))))
                .or(() -> taking.take(FRACTION, Chip.Sort.SHARE, (m, text) -> fraction(m)));
        Optional<Draft.Place> feetInches =
                taking.take(FEET_INCHES, Chip.Sort.PLACE, (m, text) -> point(m.group(1), unit));
        Optional<Distance> size = taking.take(INCHES, Chip.Sort.SIZE, (m, text) -> inches(m));
        Optional<Draft.Place> place = feetInches
                .or(() -> taking.take(SPAN, Chip.Sort.PLACE, (m, text) -> span(m, unit)))
                .or(() -> taking.take(
                        POINT,
                        Chip.Sort.PLACE,
                        (m, text) -> point(m.group(1) != null ? m.group(1) : m.group(2), unit)));
        Optional<FindingKind> kind = kind(taking, pipe.isPresent(), sizes.isPresent());
        Optional<ClockPosition> position =
                clock.or(() -> taking.take(SIDE, Chip.Sort.CLOCK, (m, text) -> taken(side(m.group(1)))));
        Optional<Degree> degree = taking.take(DEGREE, Chip.Sort.DEGREE, (m, text) -> {
            Degree read = degree(m.group(1));
            return Optional.of(new Taken<>(read, read.word()));
        });
        Optional<Change> change = pipe.or(() -> sizes);
        Traits traits = new Traits(
                position,
                size,
                share,
                degree,
                change.map(Change::before).orElse(PipePart.UNKNOWN),
                change.map(Change::after).orElse(PipePart.UNKNOWN));
        return new Draft(kind.orElse(FindingKind.REMARK), place, traits, note, taking.remark(), taking.chips());
    }

    private static Optional<FindingKind> kind(Taking taking, boolean pipe, boolean sizes) {
        if (pipe) {
            return Optional.of(FindingKind.MATERIAL_CHANGE);
        }
        if (sizes) {
            return Optional.of(FindingKind.SIZE_CHANGE);
        }
        // What is wrong outranks where it is: "roots at the joint" are roots. Among equals the first named wins.
        for (boolean feature : new boolean[] {false, true}) {
            Optional<KindRule> first = KINDS.stream()
                    .filter(r -> (r.kind().family() == FindingKind.Family.FEATURE) == feature)
                    .filter(r -> taking.find(r.pattern()) >= 0)
                    .min(Comparator.comparingInt(r -> taking.find(r.pattern())));
            if (first.isPresent()) {
                FindingKind kind = first.get().kind();
                return taking.take(
                        first.get().pattern(),
                        Chip.Sort.KIND,
                        (m, text) -> Optional.of(new Taken<>(kind, kind.word())));
            }
        }
        return Optional.empty();
    }

    private static Optional<Taken<Change>> pipeChange(Matcher m) {
        PipePart before = new PipePart(Optional.of(material(m.group(2))), pipeSize(m.group(1)));
        PipePart after = new PipePart(Optional.of(material(m.group(4))), pipeSize(m.group(3)));
        return Optional.of(new Taken<>(new Change(before, after), before.words() + " to " + after.words()));
    }

    private static Optional<Taken<Change>> sizeChange(Matcher m) {
        Optional<PipeSize> before = pipeSize(m.group(1));
        Optional<PipeSize> after = pipeSize(m.group(2));
        if (before.isEmpty() || after.isEmpty() || before.equals(after)) {
            return Optional.empty();
        }
        Change change = new Change(new PipePart(Optional.empty(), before), new PipePart(Optional.empty(), after));
        return Optional.of(new Taken<>(
                change, change.before().words() + " to " + change.after().words()));
    }

    private static Optional<PipeSize> pipeSize(String digits) {
        return digits == null || Integer.parseInt(digits) < 1
                ? Optional.empty()
                : Optional.of(new PipeSize(Integer.parseInt(digits)));
    }

    private static Material material(String word) {
        return Vocabulary.MATERIALS.stream()
                .filter(w -> w.phrase().equals(word))
                .findFirst()
                .orElseThrow()
                .meaning();
    }

    private static Optional<Taken<ClockPosition>> taken(ClockPosition clock) {
        return Optional.of(new Taken<>(clock, clock.words()));
    }

    private static ClockPosition side(String word) {
        return switch (word) {
            case "top", "crown" -> ClockPosition.at(12);
            case "bottom" -> ClockPosition.at(6);
            case "left" -> ClockPosition.at(9);
            case "right" -> ClockPosition.at(3);
            default -> ClockPosition.ALL_ROUND;
        };
    }

    private static Optional<Taken<Integer>> share(int percent) {
        return percent < 1 || percent > 100
                ? Optional.empty()
                : Optional.of(new Taken<>(percent, percent + " % of the bore"));
    }

    private static Optional<Taken<Integer>> fraction(Matcher m) {
        String word = m.group(1) != null ? m.group(1) : m.group(2);
        return share(
                switch (word) {
                    case "quarter" -> 25;
                    case "third" -> 33;
                    case "half" -> 50;
                    case "three quarters" -> 75;
                    default -> 67;
                });
    }

    private static Optional<Taken<Distance>> inches(Matcher m) {
        Distance size;
        if (m.group(4) != null) {
            double value = Double.parseDouble(m.group(4));
            size = switch (m.group(5)) {
                case "mm" -> new Distance(Math.round(value));
                case "cm" -> new Distance(Math.round(value * 10));
                default -> Distance.inches(value);
            };
        } else {
            int bottom = Integer.parseInt(m.group(3));
            if (bottom == 0) {
                return Optional.empty();
            }
            int whole = m.group(1) == null ? 0 : Integer.parseInt(m.group(1));
            size = Distance.inches(whole + Double.parseDouble(m.group(2)) / bottom);
        }
        return size.mm() == 0 ? Optional.empty() : Optional.of(new Taken<>(size, Inches.show(size)));
    }

    private static Optional<Taken<Draft.Place>> span(Matcher m, LengthUnit unit) {
        String sign = m.group(3) == null ? "" : m.group(3);
        Optional<Distance> first = unit.read(m.group(1) + sign);
        Optional<Distance> second = unit.read(m.group(2) + sign);
        return first.flatMap(a -> second.map(b -> a.compareTo(b) <= 0 ? new Draft.Place(a, b) : new Draft.Place(b, a)))
                .map(p -> new Taken<>(p, unit.show(p.from()) + " to " + unit.show(p.to())));
    }

    private static Optional<Taken<Draft.Place>> point(String text, LengthUnit unit) {
        return unit.read(text).map(d -> new Taken<>(new Draft.Place(d, d), "at " + unit.show(d)));
    }

    private static Degree degree(String word) {
        return switch (word) {
            case "medium", "moderate" -> Degree.MEDIUM;
            case "heavy", "severe", "bad", "big", "thick" -> Degree.HEAVY;
            default -> Degree.LIGHT;
        };
    }
}
