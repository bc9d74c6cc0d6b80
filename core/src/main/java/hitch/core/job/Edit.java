package hitch.core.job;

import hitch.core.counter.Counted;
import hitch.core.counter.CounterMark;
import hitch.core.counter.Doubtful;
import hitch.core.decide.Decision;
import hitch.core.finding.Certainty;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.PhotoPlace;
import hitch.core.finding.PictureSize;
import hitch.core.finding.Sighting;
import hitch.core.finding.Traits;
import hitch.core.finding.Weight;
import hitch.core.footage.AdjustedSpan;
import hitch.core.footage.Adjustment;
import hitch.core.footage.BurnedIn;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.Drawn;
import hitch.core.footage.FrameRef;
import hitch.core.footage.HiddenArea;
import hitch.core.footage.MutedSound;
import hitch.core.line.LineFacts;
import hitch.core.measure.LengthUnit;
import hitch.core.rules.HouseRules;
import hitch.core.rules.RulePart;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import hitch.core.talk.Commentary;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** One change of a job. An edit that names something the job does not have changes nothing. */
public sealed interface Edit {
    /** What it does, in words for the undo button, such as {@code add roots}. */
    String words();

    record DescribeProperty(PropertyFacts facts) implements Edit {
        @Override
        public String words() {
            return "describe the property";
        }
    }

    /** Takes a firm's house rules, all of them. */
    record TakeRules(HouseRules rules) implements Edit {
        @Override
        public String words() {
            return "take the house rules";
        }
    }

    /** Changes one part of the house rules. */
    record SetRules(RulePart part) implements Edit {
        @Override
        public String words() {
            return "change the rules for " + part.about();
        }
    }

    /** Adds a clip at the end, or puts newer knowledge of a clip in its place. */
    record PutClip(Clip clip) implements Edit {
        @Override
        public String words() {
            return (clip.photo() ? "add photograph " : "add clip ") + clip.fileName();
        }
    }

    /** Takes a clip out of the job with its counter marks; the file is never touched. Findings on it stay. */
    record LeaveOutClip(ClipId clip) implements Edit {
        @Override
        public String words() {
            return "leave out clip " + clip;
        }
    }

    /** Puts the clips in the order of {@code order}; clips it does not name keep their places after them. */
    record OrderClips(List<ClipId> order) implements Edit {
        public OrderClips {
            order = List.copyOf(order);
        }

        @Override
        public String words() {
            return "reorder the clips";
        }
    }

    /** Puts a clip aside, so that nothing is reckoned from it, or takes it in again. Its marks and findings are kept. */
    record SetAside(ClipId clip, boolean aside) implements Edit {
        @Override
        public String words() {
            return (aside ? "leave out clip " : "take in clip ") + clip;
        }
    }

    /** Says what a photograph shows; nothing takes back what was said. */
    record PlacePhoto(ClipId photo, Optional<PhotoPlace> place) implements Edit {
        public PlacePhoto {
            place = place == null ? Optional.empty() : place;
        }

        @Override
        public String words() {
            return "place photograph " + photo;
        }
    }

    /** Looks at a stretch of a clip in another way; {@link Adjustment#NONE} gives it back as recorded. */
    record Adjust(ClipId clip, AdjustedSpan span) implements Edit {
        @Override
        public String words() {
            return "adjust the picture";
        }
    }

    /** Says of writing on clips whether whoever may not know the people may see it. */
    record AnswerWriting(List<BurnedIn> answers) implements Edit {
        public AnswerWriting {
            answers = List.copyOf(answers);
        }

        @Override
        public String words() {
            return answers.stream().allMatch(BurnedIn::isCovered) ? "cover writing" : "show writing";
        }
    }

    /** Hides a part of a clip's pictures from whoever gets them, or puts what is hidden by the same key elsewhere. */
    record HideArea(HiddenArea area) implements Edit {
        @Override
        public String words() {
            return "hide a part of the picture";
        }
    }

    /** Mutes a stretch of a clip's sound, likewise. */
    record MuteSound(MutedSound sound) implements Edit {
        @Override
        public String words() {
            return "mute the sound";
        }
    }

    /** Shows or sounds again what was hidden by a key. */
    record StopHiding(String key) implements Edit {
        @Override
        public String words() {
            return "stop hiding";
        }
    }

    /** Changes one shot of the story for one recipient; {@link ShotChange#NONE} gives it back as proposed. */
    record ChangeShot(String recipient, String shot, ShotChange change) implements Edit {
        @Override
        public String words() {
            return change.leftOut() ? "leave out a shot" : "change a shot";
        }
    }

    /**
     * Changes several shots of the story for one recipient at once: moves, splits, joins, puts in and takes out.
     *
     * @param changes what is changed, by the key of the shot
     * @param put shots of one's own that are put in, or replaced by their key
     * @param removed keys of those that are taken out
     */
    record ArrangeShots(String recipient, Map<String, ShotChange> changes, List<OwnShot> put, List<String> removed)
            implements Edit {
        public ArrangeShots {
            changes = Collections.unmodifiableMap(new LinkedHashMap<>(changes));
            put = List.copyOf(put);
            removed = List.copyOf(removed);
        }

        @Override
        public String words() {
            return "arrange the story";
        }
    }

    /** Says of what was to be looked at once more before a story goes out that it is fine. */
    record LookOver(String recipient, List<String> keys) implements Edit {
        public LookOver {
            keys = List.copyOf(keys);
        }

        @Override
        public String words() {
            return "look over what goes out";
        }
    }

    /** Says that what was found before a parcel goes out is fine as it is, and why; with no word it is open again. */
    record AcceptCheck(String recipient, String check, Optional<String> why) implements Edit {
        @Override
        public String words() {
            return why.isPresent() ? "accept what was found before handing over" : "open again what was accepted";
        }
    }

    /** Says what is known of the line besides what was seen: its branches, the ground, the boundary. */
    record DescribeLine(LineFacts line) implements Edit {
        @Override
        public String words() {
            return "describe the line";
        }
    }

    /** Adds a run, or replaces the run of the same name. A clip belongs to one run: the last that claims it. */
    record PutRun(Run run) implements Edit {
        @Override
        public String words() {
            return "set " + run.name();
        }
    }

    record RemoveRun(RunId run) implements Edit {
        @Override
        public String words() {
            return "remove a run";
        }
    }

    /** Sets a reading or zeroing; it replaces a mark of the same sort on the same frame. */
    record SetMark(ClipId clip, CounterMark mark) implements Edit {
        @Override
        public String words() {
            return "set the counter";
        }
    }

    /**
     * Takes what was read off a clip's pictures in place of what was read before. Marks set by hand stay and win over
     * those read within a second of them.
     *
     * @param doubts where it could not be read with trust
     * @param typed the correction by hand that it was read again for
     * @param counted what the counter as a whole was taken for
     */
    record ReadCounter(
            ClipId clip,
            List<CounterMark> marks,
            List<Doubtful> doubts,
            Optional<CounterMark> typed,
            Optional<Counted> counted)
            implements Edit {
        public ReadCounter {
            marks = List.copyOf(marks);
            doubts = doubts == null ? List.of() : List.copyOf(doubts);
            typed = typed == null ? Optional.empty() : typed;
            counted = counted == null ? Optional.empty() : counted;
        }

        @Override
        public String words() {
            return typed.isPresent() ? "set the counter" : "read the counter";
        }
    }

    /** Says what the counters count in of which it is a question. */
    record SayCounterUnit(LengthUnit unit) implements Edit {
        @Override
        public String words() {
            return "count in " + (unit == LengthUnit.METRES ? "metres" : "feet");
        }
    }

    record RemoveMark(ClipId clip, CounterMark mark) implements Edit {
        @Override
        public String words() {
            return "remove a counter mark";
        }
    }

    record AddFinding(Finding finding) implements Edit {
        @Override
        public String words() {
            return "add " + finding.kind().word();
        }
    }

    /** Gives a finding new words; the old ones join its history. */
    record AmendFinding(FindingId id, Finding to) implements Edit {
        @Override
        public String words() {
            return "amend to " + to.kind().word();
        }
    }

    /** Sets what is said of a finding, its words aside: where round the pipe, how large, how sure, and every detail. */
    record SayOfFinding(FindingId id, Traits traits, Certainty certainty) implements Edit {
        @Override
        public String words() {
            return "change a finding";
        }
    }

    /** Adds a size that was measured on a picture. */
    record MeasureFinding(FindingId id, PictureSize size) implements Edit {
        @Override
        public String words() {
            return "measure the " + size.sort().word();
        }
    }

    /** Takes a size that was measured out again. */
    record ForgetSize(FindingId id, PictureSize size) implements Edit {
        @Override
        public String words() {
            return "take out a measured " + size.sort().word();
        }
    }

    /** Draws on a finding's still; with no marks the drawing is gone. */
    record DrawOnStill(FindingId id, List<Drawn> marks) implements Edit {
        public DrawOnStill {
            marks = List.copyOf(marks);
        }

        @Override
        public String words() {
            return marks.isEmpty() ? "wipe the drawing off a still" : "draw on a still";
        }
    }

    record MoveFinding(FindingId id, FrameRef frame) implements Edit {
        @Override
        public String words() {
            return "move a finding";
        }
    }

    /** Sets a finding's weight by hand, or gives it back to the house rules. */
    record WeighFinding(FindingId id, Optional<Weight> weight) implements Edit {
        @Override
        public String words() {
            return "weigh a finding";
        }
    }

    /** Says that two findings are one: {@code other}'s moments become sightings of {@code id}, which keeps its words. */
    record MergeFindings(FindingId id, FindingId other) implements Edit {
        @Override
        public String words() {
            return "merge " + other + " into " + id;
        }
    }

    /** Says that two findings that look alike are two. */
    record KeepApart(FindingId id, FindingId other) implements Edit {
        @Override
        public String words() {
            return "keep " + id + " and " + other + " apart";
        }
    }

    /** Adds captions of what was said along a clip, or puts the captions of the same name in their place. */
    record PutCommentary(Commentary commentary) implements Edit {
        @Override
        public String words() {
            return "add captions " + commentary.fileName();
        }
    }

    /** Slides captions against their clip. */
    record SlideCommentary(String id, double offset) implements Edit {
        @Override
        public String words() {
            return "slide the captions";
        }
    }

    /** Takes captions out of the job. What was kept of them stays. */
    record RemoveCommentary(String id) implements Edit {
        @Override
        public String words() {
            return "remove captions";
        }
    }

    /**
     * Keeps something that was said: as a finding, as a counter mark, or, with neither, as heard.
     *
     * @param id the commentary
     * @param key the draft within it
     */
    record KeepSpoken(String id, String key, Optional<Finding> finding, Optional<CounterMark> mark) implements Edit {
        @Override
        public String words() {
            return finding.map(f -> "keep " + f.kind().word()).orElse("keep what was said");
        }
    }

    /** Keeps something that was said as another sighting of a finding. */
    record SightSpoken(String id, String key, FindingId finding, Sighting sighting) implements Edit {
        @Override
        public String words() {
            return "add a sighting to " + finding;
        }
    }

    /** Refuses something that was said. */
    record RefuseSpoken(String id, String key) implements Edit {
        @Override
        public String words() {
            return "refuse what was said";
        }
    }

    /** Says that there is nothing to note at a place that stands out; what looks like it stands out no more either. */
    record WaveAway(FrameRef frame) implements Edit {
        @Override
        public String words() {
            return "wave a place away";
        }
    }

    /** Decides something on what was proposed. */
    record Decide(Decision decision) implements Edit {
        @Override
        public String words() {
            return decision.words();
        }
    }

    /**
     * Several changes that are one to the user: made together and taken back together.
     *
     * @param words what they do, for the undo button
     * @param edits in the order in which they are made
     */
    record Several(String words, List<Edit> edits) implements Edit {
        public Several {
            edits = List.copyOf(edits);
        }
    }

    record RemoveFinding(FindingId id) implements Edit {
        @Override
        public String words() {
            return "remove a finding";
        }
    }
}
