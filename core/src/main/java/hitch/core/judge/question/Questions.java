package hitch.core.judge.question;

import hitch.core.detail.Arrival;
import hitch.core.detail.Kept;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.footage.FrameRef;
import hitch.core.judge.age.Age;
import hitch.core.judge.age.Ages;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.matter.Case;
import hitch.core.judge.remedy.Remedy;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.survey.Limit;
import hitch.core.survey.Look;
import hitch.core.survey.SeenPart;
import hitch.core.survey.told.Fixtures;
import hitch.core.survey.told.Promises;
import hitch.core.survey.told.Symptoms;
import hitch.core.talk.Contradiction;
import hitch.core.talk.SaidAgainst;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Asks what is still open. The same job asks the same questions under the same names, so that an answer stays with its question. */
public final class Questions {
    private static final Distance WORTH_ASKING = Distance.feet(1);

    private final Case in;
    private final List<Question> all = new ArrayList<>();

    private Questions(Case in) {
        this.in = in;
    }

    public static List<Question> of(Case in, List<Ask> asks) {
        Questions q = new Questions(in);
        q.symptoms();
        q.fixtures();
        q.promises();
        q.contradictions();
        q.unsure();
        q.unseen();
        q.ages();
        asks.forEach(q::thin);
        return List.copyOf(q.all);
    }

    private void ask(Question.Kind kind, String about, String text, Optional<FindingId> finding) {
        ask(kind, about, text, finding, "", Optional.empty());
    }

    private void ask(
            Question.Kind kind,
            String about,
            String text,
            Optional<FindingId> finding,
            String branch,
            Optional<Station> at) {
        add(kind, about, text, finding, branch, at, Optional.empty());
    }

    private void add(
            Question.Kind kind,
            String about,
            String text,
            Optional<FindingId> finding,
            String branch,
            Optional<Station> at,
            Optional<FrameRef> heard) {
        String id = kind.word() + "/" + about;
        if (all.stream().noneMatch(q -> q.id().equals(id))) {
            all.add(new Question(
                    id,
                    kind,
                    text,
                    finding,
                    branch,
                    at,
                    heard,
                    in.survey().decisions().to(id)));
        }
    }

    /** What was said and does not agree; a promise is asked for as one. */
    private void contradictions() {
        for (SaidAgainst said : in.survey().against()) {
            boolean promise = said.sort() == Contradiction.Sort.PROMISE;
            add(
                    promise ? Question.Kind.PROMISE : Question.Kind.CONTRADICTION,
                    said.key() + "/" + said.sort().name().toLowerCase(Locale.ROOT),
                    promise
                            ? "Another look was promised: " + said.words() + "."
                            : "What was said does not agree: " + said.words() + ".",
                    Optional.empty(),
                    "",
                    Optional.empty(),
                    Optional.of(said.frame()));
        }
    }

    private void symptoms() {
        for (Symptoms.Symptom s : Symptoms.of(in.survey().findings())) {
            if (!s.isExplained() || s.by().isEmpty()) {
                ask(
                        Question.Kind.NOT_EXPLAINED,
                        s.id().value(),
                        s.isExplained()
                                ? "\"" + s.words() + "\" is put down to " + s.cause()
                                        + ", which was not found. What explains it?"
                                : "\"" + s.words() + "\" is not explained by anything that was found.",
                        Optional.of(s.id()));
            }
        }
    }

    private void fixtures() {
        for (Fixtures.Fixture f : in.fixtures().which(Arrival.NO)) {
            ask(
                    Question.Kind.NOT_ARRIVED,
                    f.room(),
                    "The water of " + f.room() + " was run and never came by. Where does it go?",
                    f.findings().stream().findFirst());
        }
        for (Fixtures.Fixture f : in.fixtures().which(Arrival.UNTESTED)) {
            ask(
                    Question.Kind.UNTESTED,
                    f.room(),
                    "The water of " + f.room() + " was not seen to come: was it run?",
                    f.findings().stream().findFirst());
        }
    }

    private void promises() {
        var clips = in.survey().clips().stream().map(c -> c.id()).toList();
        for (Promises.Promise p : Promises.of(in.survey().findings(), clips)) {
            if (p.kept() != Kept.KEPT) {
                ask(
                        Question.Kind.PROMISE,
                        p.id().value(),
                        "A look " + in.place(p.finding()) + " was promised and not kept: \""
                                + p.finding().finding().wording() + "\".",
                        Optional.of(p.id()));
            }
        }
    }

    private void unsure() {
        for (LocatedFinding f : in.findings()) {
            if (!f.finding().certainty().isTaken() && f.weight() != Weight.NOTED) {
                ask(
                        Question.Kind.SECOND_LOOK,
                        f.finding().id().value(),
                        f.finding().phrase() + ", " + in.place(f) + ": does another look settle it?",
                        Optional.of(f.finding().id()));
            }
        }
    }

    private void unseen() {
        for (SeenPart part : in.line().seeing().parts()) {
            if (part.best() != Look.WELL && part.extent().length().compareTo(WORTH_ASKING) >= 0) {
                ask(
                        Question.Kind.UNSEEN,
                        part.branch() + part.extent().from().mm(),
                        in.place(part.branch(), part.extent()) + " was "
                                + part.best().word() + (part.why().isBlank() ? "." : ": " + part.why() + "."),
                        Optional.empty(),
                        part.branch(),
                        Optional.of(part.extent().middle()));
            }
        }
        for (Limit limit : in.line().limits()) {
            if (limit.isUnknownBeyond()) {
                boolean branch = limit.why().contains("no run went into");
                ask(
                        branch ? Question.Kind.BRANCH : Question.Kind.UNSEEN,
                        limit.branch() + "past" + limit.from().from().mm(),
                        branch
                                ? capital(limit.why()) + ", " + in.place(limit.branch(), limit.from()) + "."
                                : "Past " + in.place(limit.branch(), limit.from()) + " nobody has looked: "
                                        + limit.why() + ".",
                        Optional.empty(),
                        limit.branch(),
                        Optional.of(limit.from().from()));
            }
        }
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private void ages() {
        for (Age age : Ages.of(in.survey())) {
            if (age.original() == Age.Original.CANNOT) {
                ask(
                        Question.Kind.AGE,
                        age.branch() + age.material().word(),
                        age.words(),
                        Optional.empty(),
                        age.branch(),
                        Optional.of(age.span().extent().middle()));
            }
        }
    }

    /** A repair that rests on one sight, and one that has no mark above it. */
    private void thin(Ask ask) {
        if (ask.remedy().filter(r -> r.work().isRepair() && !ask.isDeclined()).isEmpty()) {
            return;
        }
        Remedy remedy = ask.remedy().get();
        List<LocatedFinding> findings =
                ask.matters().stream().flatMap(m -> m.findings().stream()).toList();
        if (findings.size() == 1
                && findings.getFirst().also().isEmpty()
                && findings.getFirst().finding().sightings().isEmpty()
                && isPoorlySeen(findings.getFirst())) {
            ask(
                    Question.Kind.THIN,
                    findings.getFirst().finding().id().value(),
                    "\"" + remedy.work().title() + "\" rests on one poor picture, " + in.place(findings.getFirst())
                            + ".",
                    Optional.of(findings.getFirst().finding().id()));
        }
        if (remedy.work().isDug() && !remedy.first().isEmpty()) {
            ask(
                    Question.Kind.MARK,
                    remedy.branch()
                            + remedy.extent().map(Extent::from).map(s -> s.mm()).orElse(0L),
                    remedy.first().getFirst(),
                    findings.stream().findFirst().map(f -> f.finding().id()),
                    remedy.branch(),
                    remedy.extent().map(Extent::from));
        }
    }

    private boolean isPoorlySeen(LocatedFinding found) {
        return found.confidence() < 0.5
                || found.extent()
                        .flatMap(e -> in.line().seeing().at(found.branch(), e.middle()))
                        .filter(p -> p.best() != Look.WELL)
                        .isPresent();
    }
}
