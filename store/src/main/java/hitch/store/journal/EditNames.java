package hitch.store.journal;

import hitch.core.counter.Reading;
import hitch.core.counter.Zeroing;
import hitch.core.decide.Decision;
import hitch.core.finding.PhotoPlace;
import hitch.core.job.ClipWords;
import hitch.core.job.Deed;
import hitch.core.job.Edit;
import hitch.core.job.Recording;
import hitch.core.rules.AgeRules;
import hitch.core.rules.CareRules;
import hitch.core.rules.DepthRules;
import hitch.core.rules.JudgingRules;
import hitch.core.rules.OpeningRules;
import hitch.core.rules.OwnerRules;
import hitch.core.rules.PriceBook;
import hitch.core.rules.SeeingRules;
import hitch.core.rules.ShowingRules;
import hitch.core.rules.ToolRules;
import hitch.core.rules.WeighingRules;
import hitch.core.rules.WordRules;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * The names that edits, counter marks and parts of the rules go by in a journal. They are kept for ever, whatever the classes come to be
 * called; an edit without a name here cannot be written.
 */
final class EditNames {
    private static final Map<String, Class<?>> EDITS = new LinkedHashMap<>();
    private static final Map<String, Class<?>> MARKS = Map.of("reading", Reading.class, "zeroing", Zeroing.class);

    static {
        EDITS.put("describe-property", Edit.DescribeProperty.class);
        EDITS.put("take-rules", Edit.TakeRules.class);
        EDITS.put("set-rules", Edit.SetRules.class);
        EDITS.put("put-clip", Edit.PutClip.class);
        EDITS.put("leave-out-clip", Edit.LeaveOutClip.class);
        EDITS.put("order-clips", Edit.OrderClips.class);
        EDITS.put("set-aside", Edit.SetAside.class);
        EDITS.put("place-photo", Edit.PlacePhoto.class);
        EDITS.put("adjust", Edit.Adjust.class);
        EDITS.put("answer-writing", Edit.AnswerWriting.class);
        EDITS.put("hide-area", Edit.HideArea.class);
        EDITS.put("mute-sound", Edit.MuteSound.class);
        EDITS.put("stop-hiding", Edit.StopHiding.class);
        EDITS.put("describe-line", Edit.DescribeLine.class);
        EDITS.put("change-shot", Edit.ChangeShot.class);
        EDITS.put("arrange-shots", Edit.ArrangeShots.class);
        EDITS.put("look-over", Edit.LookOver.class);
        EDITS.put("accept-check", Edit.AcceptCheck.class);
        EDITS.put("put-run", Edit.PutRun.class);
        EDITS.put("remove-run", Edit.RemoveRun.class);
        EDITS.put("set-mark", Edit.SetMark.class);
        EDITS.put("read-counter", Edit.ReadCounter.class);
        EDITS.put("say-counter-unit", Edit.SayCounterUnit.class);
        EDITS.put("remove-mark", Edit.RemoveMark.class);
        EDITS.put("add-finding", Edit.AddFinding.class);
        EDITS.put("amend-finding", Edit.AmendFinding.class);
        EDITS.put("say-of-finding", Edit.SayOfFinding.class);
        EDITS.put("measure-finding", Edit.MeasureFinding.class);
        EDITS.put("forget-size", Edit.ForgetSize.class);
        EDITS.put("draw-on-still", Edit.DrawOnStill.class);
        EDITS.put("move-finding", Edit.MoveFinding.class);
        EDITS.put("weigh-finding", Edit.WeighFinding.class);
        EDITS.put("merge-findings", Edit.MergeFindings.class);
        EDITS.put("keep-apart", Edit.KeepApart.class);
        EDITS.put("put-captions", Edit.PutCommentary.class);
        EDITS.put("slide-captions", Edit.SlideCommentary.class);
        EDITS.put("remove-captions", Edit.RemoveCommentary.class);
        EDITS.put("keep-spoken", Edit.KeepSpoken.class);
        EDITS.put("sight-spoken", Edit.SightSpoken.class);
        EDITS.put("refuse-spoken", Edit.RefuseSpoken.class);
        EDITS.put("wave-away", Edit.WaveAway.class);
        EDITS.put("decide", Edit.Decide.class);
        EDITS.put("several", Edit.Several.class);
        EDITS.put("remove-finding", Edit.RemoveFinding.class);
    }

    private static final Map<String, Class<?>> DEEDS =
            Map.of("made", Deed.Made.class, "sent", Deed.Sent.class, "taken-back", Deed.TakenBack.class);

    private static final Map<String, Class<?>> RULES = Map.ofEntries(
            Map.entry("weighing", WeighingRules.class),
            Map.entry("care", CareRules.class),
            Map.entry("showing", ShowingRules.class),
            Map.entry("words", WordRules.class),
            Map.entry("owner", OwnerRules.class),
            Map.entry("seeing", SeeingRules.class),
            Map.entry("openings", OpeningRules.class),
            Map.entry("tools", ToolRules.class),
            Map.entry("depths", DepthRules.class),
            Map.entry("judging", JudgingRules.class),
            Map.entry("ages", AgeRules.class),
            Map.entry("prices", PriceBook.class));

    private static final Map<String, Class<?>> PLACES = Map.of(
            "station", PhotoPlace.AtStation.class,
            "finding", PhotoPlace.OfFinding.class,
            "fixture", PhotoPlace.OfFixture.class);

    private static final Map<String, Class<?>> VOICES =
            Map.of("recording", Recording.class, "clip-words", ClipWords.class);

    private static final Map<String, Class<?>> DECISIONS = Map.of(
            "on-ask", Decision.OnAsk.class,
            "as-proposed", Decision.AsProposed.class,
            "own-ask", Decision.Own.class,
            "drop-own", Decision.DropOwn.class,
            "as-one", Decision.AsOne.class,
            "as-many", Decision.AsMany.class,
            "on-question", Decision.OnQuestion.class,
            "worded", Decision.Worded.class,
            "beside", Decision.Beside.class,
            "not-beside", Decision.NotBeside.class);

    private EditNames() {}

    static Map<String, Class<?>> decisions() {
        return DECISIONS;
    }

    static Map<String, Class<?>> voices() {
        return VOICES;
    }

    static Map<String, Class<?>> deeds() {
        return DEEDS;
    }

    static Map<String, Class<?>> places() {
        return PLACES;
    }

    static Map<String, Class<?>> rules() {
        return RULES;
    }

    static Map<String, Class<?>> edits() {
        return EDITS;
    }

    static Map<String, Class<?>> marks() {
        return MARKS;
    }

    static boolean isEdit(String name) {
        return EDITS.containsKey(name);
    }

    /** What the name of an edit means to a reader, such as {@code add finding}. */
    static String words(String name) {
        return name.replace('-', ' ');
    }

    /** The name of what a journal of format 1 calls by its class, such as {@code PutCommentary}; empty where there is none. */
    static Optional<String> ofClass(String simpleName) {
        return EDITS.entrySet().stream()
                .filter(e -> e.getValue().getSimpleName().equals(simpleName))
                .map(Map.Entry::getKey)
                .findFirst();
    }
}
