package hitch.core.disclosure;

import hitch.core.counter.Heading;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Adjustment;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.job.PropertyFacts;
import hitch.core.judge.Judge;
import hitch.core.judge.Judgement;
import hitch.core.judge.ask.Ask;
import hitch.core.line.ReadFrom;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.PipeSpan;
import hitch.core.rules.Rule;
import hitch.core.rules.ShowingRules;
import hitch.core.run.Run;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.Survey;
import hitch.core.survey.Whose;
import hitch.core.survey.told.Photos.Photo;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What one recipient may see of a survey: the only thing that whatever leaves the firm is written from. Immutable. */
public final class Disclosure {

    private final Survey survey;
    private final Recipient recipient;
    private final Optional<PublicPart> part;
    private final Optional<NoNames> names;
    private final FindingsShown shown;
    private final List<LocatedFinding> findings;
    private final List<Run> runs;
    /** Judged once it is asked for; two threads that ask at once come to the same. */
    @SuppressWarnings("OptionalUsedAsFieldOrParameterType")
    private volatile Optional<Judgement> judged;

    private Disclosure(Survey survey, Recipient recipient) {
        this.survey = survey;
        this.recipient = recipient;
        this.part = recipient.isPublic() ? Optional.of(new PublicPart(survey)) : Optional.empty();
        this.names = recipient.people()
                ? Optional.empty()
                : Optional.of(new NoNames(new Named(survey).known())).filter(n -> !n.isNone());
        this.shown = new FindingsShown(recipient, part, names);
        this.findings = shown.in(survey);
        // Of the public part only the trips that showed something of it are told.
        this.runs = part.isPresent()
                ? findings.stream().flatMap(f -> f.run().stream()).distinct().toList()
                : survey.runs().stream().map(shown::named).toList();
    }

    public static Disclosure of(Survey survey, Recipient recipient) {
        return new Disclosure(survey, recipient);
    }

    /** A finding of the survey as this recipient may see it; empty where it may not. */
    public Optional<LocatedFinding> seen(LocatedFinding found) {
        return shown.of(found);
    }

    /** Free text as this recipient may read it. */
    public String text(String free) {
        return shown.text(free);
    }

    /** Names there may still be in what this recipient gets, to be asked about; none for who may know the people. */
    public List<NameFeared> namesFeared() {
        return recipient.people() ? List.of() : new Named(survey).feared(this);
    }

    /** Names of people that stand in a text, and words of it that may be some. */
    public List<String> namesIn(String free) {
        return new Named(survey).in(free);
    }

    public Recipient recipient() {
        return recipient;
    }

    /** The visit, without what this recipient may not know of it. */
    public PropertyFacts facts() {
        return FactsShown.of(survey.facts(), recipient, this::text);
    }

    public LengthUnit unit() {
        return survey.facts().unit();
    }

    /** The job in a few words. */
    public String title() {
        return text(survey.facts().title());
    }

    /** The trips of the camera, in order. */
    public List<Run> runs() {
        return runs;
    }

    /** The findings this recipient is shown, in the order they are told: each run from its opening outwards. */
    public List<LocatedFinding> findings() {
        return findings;
    }

    /** How many findings the job has in all, which a recipient is not told. */
    public int outOf() {
        return survey.findings().size();
    }

    /** The finding that {@code id} is a sight of, as this recipient may see it. */
    public Optional<LocatedFinding> finding(FindingId id) {
        return findings.stream().filter(f -> f.ids().contains(id)).findFirst();
    }

    /**
     * The photographs this recipient gets, called as it may know them: those of which it is known what they show. Whoever
     * sees the public part alone gets none: they are of yards, houses and people. Ids are as in the job, for finding the
     * file; they are not to be written down.
     */
    public List<Photo> photos() {
        if (part.isPresent()) {
            return List.of();
        }
        return survey.photos().all().stream()
                .filter(Photo::isPlaced)
                .map(p -> new Photo(
                        p.clip().at(text(p.clip().file())), p.at(), p.finding().flatMap(this::seen), text(p.room())))
                .toList();
    }

    /** Where a place of the line is, in words. */
    public PlaceWords place(Station at) {
        return survey.line().place(Branch.LINE, at, unit());
    }

    /** Where a stretch of any pipe is, in words. */
    public PlaceWords place(String branch, Extent extent) {
        return survey.line().place(branch, extent, unit());
    }

    /** Months until what is only watched is looked at again. */
    public int lookEvery() {
        return survey.rules().judging().lookEvery();
    }

    /** A clip, called as this recipient may know it. */
    public Optional<Clip> clip(ClipId id) {
        return survey.clip(id).map(c -> names.isEmpty() ? c : c.at(text(c.file())));
    }

    /** The clip itself, for reading it; what it is called is not to be written down. */
    public Optional<Clip> source(ClipId id) {
        return survey.clip(id);
    }

    /** How a frame is looked at. */
    public Adjustment adjustmentAt(FrameRef frame) {
        return survey.adjustmentAt(frame);
    }

    /** What of the clips it neither sees nor hears. */
    public KeptBack keptBack() {
        return new KeptBack(survey, recipient, this::text);
    }

    /** Whether a frame may be seen. */
    public boolean shows(FrameRef frame) {
        return part.map(p -> p.shows(frame)).orElse(true);
    }

    /** How much footage there is, and may be seen, around a frame or at a place. */
    public FootageShown footage() {
        return new FootageShown(survey, part);
    }

    /** How much footage the house shows about a finding. */
    public ShowingRules showing() {
        return survey.rules().showing();
    }

    /** The house rules that what this recipient is told rests on; how it is judged for who is advised alone. */
    public List<Rule> rulesUsed() {
        return RulesUsed.of(survey.rules(), recipient.advised());
    }

    /** What people changed in this recipient's story. */
    public StoryShown story() {
        return new StoryShown(survey.story(), recipient, this::text);
    }

    /** The camera head's station at a frame; empty where it has none and where it may not be known. */
    public Optional<Station> stationAt(FrameRef frame) {
        return shows(frame) ? survey.stationAt(frame) : Optional.empty();
    }

    /** Where the camera head is at a frame, in words; empty likewise. */
    public Optional<PlaceWords> placeAt(FrameRef frame) {
        return shows(frame) ? survey.placeAt(frame) : Optional.empty();
    }

    /** Whether the camera moves at a frame. */
    public boolean moves(FrameRef frame) {
        return Optional.ofNullable(survey.traces().get(frame.clip()))
                .map(t -> t.headingAt(frame.pts()) != Heading.STILL)
                .orElse(false);
    }

    /** Where a finding is, in words; empty where it has no station. */
    public Optional<PlaceWords> place(LocatedFinding found) {
        return survey.line().place(found, unit());
    }

    /** Whether a finding lies on the owner's part, in a word; blank where that is not known. */
    public String whose(LocatedFinding found) {
        return survey.line().isOwners(found).map(Whose::word).orElse("");
    }

    /** The stretch of the line that was reached, as far as it may be known; empty where none was. */
    public Optional<Extent> reached() {
        return part.isEmpty() ? survey.seen() : survey.seen().flatMap(part.get()::of);
    }

    /** What the line is made of over {@link #reached}. */
    public List<PipeSpan> spans() {
        return part.isEmpty()
                ? survey.spans()
                : survey.spans().stream()
                        .flatMap(s -> part.get().of(s.extent()).map(s::over).stream())
                        .toList();
    }

    /** The station that distances are read from which begin at a place of the line; empty where that is not known. */
    public Optional<Station> zero(ReadFrom from) {
        return ReadFromPlace.of(survey, part, from);
    }

    /** Total length of standing water; nothing for who may not see the whole line. */
    public Distance standingWater() {
        return part.isEmpty() ? survey.standingWater() : Distance.ZERO;
    }

    /** What it comes to, judged on what this recipient may see and nothing else; empty for who is not advised. */
    public Optional<Judgement> judgement() {
        Optional<Judgement> known = judged;
        if (known == null) {
            known = recipient.advised() ? Optional.of(judge()) : Optional.empty();
            judged = known;
        }
        return known;
    }

    private Judgement judge() {
        List<LocatedFinding> byStation =
                survey.findings().stream().flatMap(f -> seen(f).stream()).toList();
        return Judge.judge(survey.knownBy(facts(), byStation, survey.decisions().worded(this::text)));
    }

    /** What it comes to, in this recipient's tone. */
    public ComesTo comesTo() {
        return ComesTo.of(this);
    }

    /** What is to be done, in order; nothing for who is not advised. */
    public List<Ask> asks() {
        return judgement().map(Judgement::standing).orElse(List.of());
    }

    /** What was passed and never seen well, a sentence each. */
    public List<String> unseen() {
        List<String> all = new ArrayList<>(notSeen());
        survey.line().beyond(unit()).ifPresent(all::add);
        return all;
    }

    /** The same without what was gone along beyond the line's end. */
    public List<String> notSeen() {
        return new Unseen(survey, this, part).told();
    }
}
