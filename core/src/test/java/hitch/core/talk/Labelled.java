package hitch.core.talk;

import hitch.core.caption.Cue;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.talk.like.Lesson;
import hitch.core.talk.like.Lesson.Label;
import java.util.ArrayList;
import java.util.List;

/** A commentary that is heard a caption every five seconds, and what must come of it. */
record Labelled(String name, List<Cue> cues, List<Wanted> labels) {
    private static final double EVERY = 5;

    /** What is wanted, and when it is said. */
    record Wanted(double seconds, Label label) {}

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
        return Lesson.names();
    }

    static Labelled read(String name) {
        List<Cue> cues = new ArrayList<>();
        List<Wanted> labels = new ArrayList<>();
        double at = 4;
        for (Lesson.Line line : Lesson.shipped(name).lines()) {
            cues.add(new Cue(at, at + EVERY - 0.5, line.text()));
            for (Label label : line.labels()) {
                labels.add(new Wanted(at, label));
            }
            at += EVERY;
        }
        return new Labelled(name, cues, labels);
    }

    /** Each label is met by one draft at most and the other way round, those that agree in place before others. */
    Score score(List<Spoken> drafts) {
        boolean[] met = new boolean[labels.size()];
        boolean[] used = new boolean[drafts.size()];
        boolean[] placed = new boolean[labels.size()];
        boolean[] right = new boolean[drafts.size()];
        for (boolean alike : new boolean[] {true, false}) {
            for (int i = 0; i < labels.size(); i++) {
                for (int j = 0; j < drafts.size() && !met[i]; j++) {
                    Label label = labels.get(i).label();
                    boolean same = isSamePlace(label, drafts.get(j));
                    if (!used[j] && isOne(labels.get(i), drafts.get(j)) && same == alike) {
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
            Label label = labels.get(i).label();
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

    private static boolean isOne(Wanted wanted, Spoken spoken) {
        String kind = spoken.draft().matter() instanceof FindingKind k
                ? k.broad().word()
                : spoken.draft().matter().word();
        boolean ruledOut = spoken.draft().certainty() == Certainty.RULED_OUT;
        return kind.equals(wanted.label().kind())
                && ruledOut == wanted.label().ruledOut()
                && Math.abs(spoken.seconds() - wanted.seconds()) <= 12;
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
