package hitch.core.disclosure;

import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.LocatedFindingBuilder;
import hitch.core.finding.Sighting;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Opening;
import hitch.core.run.Run;
import hitch.core.survey.Survey;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The line from the owner's boundary on. Nothing of the private side is in what it gives: stretches begin at the boundary,
 * frames lie beyond it, and runs have neither the names nor the openings that they have there.
 */
final class PublicPart {
    private static final List<String> WALLS = List.of("wall", "foundation", "footing", "house", "building");

    private final Survey survey;
    private final Optional<Station> boundary;

    PublicPart(Survey survey) {
        this.survey = survey;
        this.boundary = boundary(survey);
    }

    /** Where the public part begins; empty where nobody knows, and then nothing of the line is public. */
    Optional<Station> boundary() {
        return boundary;
    }

    /** What was typed goes first; then the farthest boundary marked that is no building's wall; then the main itself. */
    private static Optional<Station> boundary(Survey survey) {
        return typed(survey)
                .or(() -> farthest(survey, FindingKind.BOUNDARY))
                .or(() -> farthest(survey, FindingKind.MAIN_CONNECTION));
    }

    private static Optional<Station> typed(Survey survey) {
        return survey.line().whose().boundaryGiven() ? survey.line().whose().boundary() : Optional.empty();
    }

    private static Optional<Station> farthest(Survey survey, FindingKind kind) {
        return survey.findings().stream()
                .filter(f -> !f.finding().certainty().isGuess())
                .filter(f -> f.finding().kind() == kind && f.branch().equals(Branch.LINE))
                .filter(f -> kind != FindingKind.BOUNDARY || !isWall(f))
                .flatMap(f -> f.extent().stream())
                .map(Extent::from)
                .max(Comparator.naturalOrder());
    }

    /** Whether a kind is of the pipe and what is above it, not of the house, its people and what they were told. */
    static boolean isOfThePipe(FindingKind kind) {
        return switch (kind) {
            case FIXTURE_TEST, SYMPTOM, PROMISE, VERDICT, ADVICE -> false;
            default -> true;
        };
    }

    private static boolean isWall(LocatedFinding found) {
        String words = found.finding().wording().toLowerCase(Locale.ROOT);
        return WALLS.stream().anyMatch(words::contains);
    }

    /** Whether the camera was in the public part at a frame. */
    boolean shows(FrameRef frame) {
        Optional<Run> run = survey.runOf(frame.clip());
        return boundary.isPresent()
                && run.isPresent()
                && survey.stationAt(frame)
                        .filter(s -> s.compareTo(boundary.get()) >= 0)
                        .filter(s -> isPublic(survey.line().pipeAt(run.get(), s)))
                        .isPresent();
    }

    private static boolean isPublic(String branch) {
        return branch.equals(Branch.LINE) || branch.equals(Branch.MAIN);
    }

    /** What of a stretch of the line lies in the public part; empty where nothing does. */
    Optional<Extent> of(Extent extent) {
        return boundary.filter(b -> extent.to().compareTo(b) >= 0)
                .map(b -> extent.from().compareTo(b) >= 0 ? extent : new Extent(b, extent.to()));
    }

    /** A finding as it is in the public part; empty where it is not, or no frame there shows it. */
    Optional<LocatedFinding> of(LocatedFinding found) {
        Optional<Extent> here =
                found.extent().filter(e -> isPublic(found.branch())).flatMap(this::of);
        return here.flatMap(e -> frame(found, e).map(f -> moved(found, e, f)));
    }

    /** A frame beyond the boundary that shows it: its own, where it was seen again, or the best one there. */
    private Optional<FrameRef> frame(LocatedFinding found, Extent here) {
        Stream<FrameRef> own = Stream.concat(
                Stream.of(found.finding().frame(), found.best()),
                found.finding().sightings().stream().map(Sighting::frame));
        return Stream.concat(own, survey.bestAt(found.branch(), here.middle()).stream())
                .filter(this::shows)
                .findFirst();
    }

    private LocatedFinding moved(LocatedFinding found, Extent here, FrameRef frame) {
        Finding whole = found.finding();
        List<Sighting> sightings =
                whole.sightings().stream().filter(s -> shows(s.frame())).toList();
        Finding told = whole.seenOnly(frame, sightings);
        // The note as typed names where the stretch began.
        Finding shown = found.extent().filter(here::equals).isPresent() ? told : told.withWording(whole.phrase());
        return LocatedFindingBuilder.builder(found)
                .finding(whole.typed().isPresent() ? shown.typedAt(here) : shown)
                .extent(Optional.of(here))
                .run(found.run().map(this::of))
                .best(shows(found.best()) ? found.best() : frame)
                .build();
    }

    /** A run without its name and without the opening that it left. */
    Run of(Run run) {
        return run.named("run " + (survey.runs().indexOf(run) + 1)).from(Opening.UNKNOWN);
    }
}
