package hitch.core.story;

import hitch.core.decide.When;
import hitch.core.detail.Detail;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.job.PropertyFacts;
import hitch.core.judge.Cautions;
import hitch.core.judge.ask.Ask;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.run.Run;
import hitch.core.survey.PlaceWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Writes the story for one recipient of what they may see. */
public final class ScriptWriter {
    private final Disclosure may;
    private final Recipient recipient;
    private final LengthUnit unit;

    private ScriptWriter(Disclosure may) {
        this.may = may;
        this.recipient = may.recipient();
        this.unit = may.unit();
    }

    /** The story as it is told: as proposed, with what people changed in it. */
    public static Story write(Disclosure may) {
        return Script.of(may).told();
    }

    /** The story as it follows from the record. */
    static Story propose(Disclosure may) {
        return new ScriptWriter(may).story();
    }

    private Story story() {
        List<LocatedFinding> shown =
                may.findings().stream().filter(ScriptWriter::isShown).toList();
        List<Chapter> chapters = new ArrayList<>();
        chapters.add(new Chapter("Opening", List.of(opening())));
        for (Run run : may.runs()) {
            List<Shot> shots = shown.stream()
                    .filter(f -> f.run().filter(run::equals).isPresent())
                    .map(this::shot)
                    .toList();
            if (!shots.isEmpty()) {
                chapters.add(new Chapter(sentenceCase(run.name()), shots));
            }
        }
        List<Shot> rest =
                shown.stream().filter(f -> f.run().isEmpty()).map(this::shot).toList();
        if (!rest.isEmpty()) {
            chapters.add(new Chapter("Also seen", rest));
        }
        chapters.add(new Chapter("Closing", List.of(closing(may.findings()))));
        return new Story(recipient, may.title(), chapters);
    }

    private Shot opening() {
        PropertyFacts facts = may.facts();
        List<CardShot.Row> rows = new ArrayList<>();
        rows.add(CardShot.Row.of("Property", facts.title()));
        if (!facts.client().isBlank()) {
            rows.add(CardShot.Row.of("For", facts.client()));
        }
        if (!facts.inspectedOn().isBlank()) {
            rows.add(CardShot.Row.of("Recorded", facts.inspectedOn()));
        }
        may.runs().stream()
                .findFirst()
                .filter(run -> !run.opening().words().isBlank() && !recipient.isPublic())
                .ifPresent(run -> rows.add(CardShot.Row.of(
                        "Opening used",
                        (run.opening().words() + ", " + run.opening().place()).replaceAll(", $", ""))));
        for (Run run : may.runs()) {
            rows.add(CardShot.Row.of(
                    "Direction", run.name() + ", " + run.direction().flow()));
        }
        if (!facts.examined().isBlank()) {
            rows.add(CardShot.Row.of("Examined", facts.examined()));
        }
        facts.notExamined().forEach(n -> rows.add(CardShot.Row.of("Not examined", n)));
        if (!facts.firm().isBlank()) {
            rows.add(CardShot.Row.of("Reviewed by", (facts.reviewer() + ", " + facts.firm()).replaceAll("^, ", "")));
        }
        return new CardShot("card:opening", "The inside of the sewer line", rows, openingWords());
    }

    private String openingWords() {
        PropertyFacts facts = may.facts();
        String seen = may.reached()
                .map(s -> "The camera saw " + unit.show(s.length()) + " of pipe. ")
                .orElse("");
        String missing = facts.notExamined().isEmpty() ? "" : "Not examined: " + joined(facts.notExamined());
        return switch (recipient.tone()) {
            case OWNER ->
                "This is the inside of your sewer line at " + facts.property() + ". " + seen
                        + "We start at the opening and show you each thing worth knowing. " + missing;
            case BUYER ->
                "This is the sewer line at " + facts.property() + ", as the camera found it. " + seen
                        + "What follows is what was seen, and what stays unknown. " + missing;
            case RECORD -> "Record of the line at " + facts.property() + ". Distances are from the opening. " + missing;
        };
    }

    /** Whether there is something to look at; what was told of the house and the gear is in the report. */
    private static boolean isShown(LocatedFinding found) {
        boolean rooms = found.finding().kind() == FindingKind.REMARK
                && found.finding().traits().details().has(Detail.ROOM);
        return found.finding().kind().isToBeSeen() && !rooms;
    }

    private Shot shot(LocatedFinding found) {
        return new FindingShot(
                found.finding().kind().title() + ", " + place(found),
                found.finding().id(),
                found.finding().frame(),
                may.secondsBefore(found.finding().frame(), may.showing().before()),
                may.secondsAfter(found.finding().frame(), may.showing().after()),
                Wording.what(found),
                found.weight().knots(),
                found.finding().traits().clock(),
                words(found));
    }

    private String words(LocatedFinding found) {
        String fact = sentence(place(found)) + " " + sentence(Wording.what(found));
        return switch (recipient.tone()) {
            case OWNER -> fact + " " + Wording.meaning(found) + asks(found);
            case BUYER -> fact + " " + Wording.meaning(found) + certainty(found);
            case RECORD -> fact;
        };
    }

    private static String asks(LocatedFinding found) {
        return switch (found.weight()) {
            case NOTED -> "";
            case WATCH -> " Look again at the next cleaning.";
            case TEND -> " It needs care soon.";
            case MEND -> " It needs a repair.";
            case STOP -> " The line cannot serve like this.";
        };
    }

    private static String certainty(LocatedFinding found) {
        String place = found.confidence() < 0.5 ? " Its distance is an estimate." : "";
        return found.weight().compareTo(Weight.MEND) >= 0
                ? place + " A licensed contractor should look at this before closing."
                : place;
    }

    private Shot closing(List<LocatedFinding> shown) {
        List<CardShot.Row> rows = new ArrayList<>();
        for (Weight weight : Weight.values()) {
            Weight shownWeight = Weight.values()[Weight.values().length - 1 - weight.ordinal()];
            List<LocatedFinding> such =
                    shown.stream().filter(f -> f.weight() == shownWeight).toList();
            if (such.isEmpty()) {
                continue;
            }
            String list = shownWeight == Weight.NOTED
                    ? such.size() + (such.size() == 1 ? " feature" : " features") + " of the pipe"
                    : String.join("; ", such.stream().map(this::brief).toList());
            rows.add(new CardShot.Row(shownWeight.word(), list, shownWeight.knots()));
        }
        asks().stream().limit(3).map(Ask::text).forEach(p -> rows.add(CardShot.Row.of("Advice", p)));
        notSeen(shown).forEach(n -> rows.add(CardShot.Row.of("Not seen", n)));
        Cautions.ALL.forEach(c -> rows.add(CardShot.Row.of("Mind", c)));
        return new CardShot("card:closing", "What was found", rows, closingWords(shown));
    }

    /** What is to be done and not only to be watched. */
    private List<Ask> asks() {
        return may.asks().stream().filter(a -> a.when() != When.WATCH).toList();
    }

    private String brief(LocatedFinding found) {
        return found.finding().kind().title() + " " + place(found);
    }

    private String place(LocatedFinding found) {
        return may.place(found).map(PlaceWords::all).orElse(Wording.NO_STATION);
    }

    private List<String> notSeen(List<LocatedFinding> shown) {
        List<String> missing = new ArrayList<>(may.facts().notExamined());
        shown.stream()
                .filter(f -> f.finding().kind() == FindingKind.LIMIT)
                .forEach(f -> missing.add("Past " + place(f) + ": "
                        + (f.finding().remark().isBlank()
                                ? "nothing was seen"
                                : f.finding().remark())));
        missing.addAll(may.unseen());
        return missing;
    }

    private String closingWords(List<LocatedFinding> shown) {
        long repair = shown.stream()
                .filter(f -> f.weight().compareTo(Weight.MEND) >= 0)
                .count();
        long care = shown.stream().filter(f -> f.weight() == Weight.TEND).count();
        Distance water = may.standingWater();
        String count = (repair == 0
                        ? "Nothing seen calls for a repair"
                        : counted(repair, "finding") + " " + (repair == 1 ? "calls" : "call") + " for a repair")
                + (care == 0
                        ? ". "
                        : ", and " + counted(care, "finding").toLowerCase(Locale.ROOT) + " "
                                + (care == 1 ? "needs" : "need") + " care soon. ");
        if (recipient.isPublic()) {
            return counted(shown.size(), "finding") + " recorded. Codes and ownership are for the district to settle.";
        }
        String standing = water.mm() > 0 ? "Water stands over " + unit.show(water) + " of the line. " : "";
        String advice = asks().stream().findFirst().map(a -> a.text() + " ").orElse("");
        String who = recipient.tone() == Recipient.Tone.BUYER
                ? "Ask for the written report, and have a licensed plumber read it before closing."
                : "The written report holds the details.";
        return count + standing + advice + who;
    }

    private static String counted(long n, String noun) {
        String[] words = {"No", "One", "Two", "Three", "Four", "Five", "Six", "Seven", "Eight", "Nine"};
        return (n < words.length ? words[(int) n] : Long.toString(n)) + " " + noun + (n == 1 ? "" : "s");
    }

    private static String joined(List<String> sentences) {
        return String.join(" ", sentences.stream().map(ScriptWriter::sentence).toList());
    }

    private static String sentence(String text) {
        String stripped = sentenceCase(text.strip());
        return stripped.matches(".*[.!?]") ? stripped : stripped + ".";
    }

    private static String sentenceCase(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
