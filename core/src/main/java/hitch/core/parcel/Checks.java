package hitch.core.parcel;

import hitch.core.disclosure.Disclosure;
import hitch.core.district.District;
import hitch.core.district.DistrictCheck;
import hitch.core.footage.Clip;
import hitch.core.job.Job;
import hitch.core.story.LastLook;
import hitch.core.story.Script;
import hitch.core.story.ScriptWriter;
import hitch.core.story.StoryWish;
import hitch.core.survey.Survey;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is checked before a parcel goes out, and how each check stands.
 *
 * @param items all that was found, what blocks first
 */
public record Checks(List<Item> items) {
    /**
     * A check and what somebody said of it.
     *
     * @param why a word why it is fine; empty where nobody accepted it
     */
    public record Item(Check check, Optional<String> why) {
        /** Whether it still keeps the parcel here. */
        public boolean holds() {
            return switch (check.weight()) {
                case BLOCKS -> true;
                case REASON -> why.filter(w -> !w.isBlank()).isEmpty();
                case TELLS -> false;
            };
        }
    }

    public Checks {
        items = List.copyOf(items);
    }

    /**
     * Every check for one recipient of a job, of a film as it is wished.
     *
     * @param district its own form, where it has one
     */
    public static Checks of(Job job, Survey survey, Disclosure may, StoryWish wish, Optional<District> district) {
        List<Check> all = new ArrayList<>(RecordChecks.of(job, survey, may));
        all.addAll(told(may, wish));
        all.addAll(PrivacyChecks.of(survey, may));
        district.ifPresent(d -> all.addAll(inItsForm(may, d)));
        return new Checks(Stream.of(Check.Weight.values())
                .flatMap(w -> all.stream().filter(c -> c.weight() == w))
                .map(c -> new Item(c, job.accepted().why(may.recipient().word(), c.key())))
                .toList());
    }

    /** Of the table in a district's own form. */
    private static List<Check> inItsForm(Disclosure may, District district) {
        return DistrictCheck.of(may, district.form(), district.codes()).stream()
                .map(words -> new Check(
                        "form " + Marks.of(words).substring(0, 8),
                        Check.Weight.REASON,
                        words,
                        "See its form",
                        Check.Where.HERE))
                .toList();
    }

    /** Of the film. */
    private static List<Check> told(Disclosure may, StoryWish wish) {
        List<Check> all = new ArrayList<>();
        int stale = Script.of(may, wish).stale().size();
        if (stale > 0) {
            all.add(new Check(
                    "stale " + stale,
                    Check.Weight.TELLS,
                    (stale == 1 ? "The words of one shot tell" : "The words of " + stale + " shots tell")
                            + " what was so before.",
                    "Read them again",
                    Check.Where.CUT));
        }
        if (may.findings().isEmpty()) {
            return all;
        }
        var story = ScriptWriter.write(may, wish);
        if (story.shots().isEmpty()) {
            all.add(new Check(
                    "no shot",
                    Check.Weight.BLOCKS,
                    "Every shot of the film was left out.",
                    "Tell some again",
                    Check.Where.CUT));
        }
        int open = LastLook.of(may, story).open().size();
        if (open > 0) {
            all.add(new Check(
                    "look " + open,
                    Check.Weight.TELLS,
                    (open == 1
                                    ? "One shot from above ground or name was"
                                    : open + " shots from above ground or names were")
                            + " not looked at once more.",
                    "Take the last look",
                    Check.Where.HERE));
        }
        if (!story.left().isEmpty()) {
            all.add(new Check(
                    "left " + Marks.of(story.left().toString()).substring(0, 8),
                    Check.Weight.TELLS,
                    "For its length the film leaves out: " + String.join(", ", story.left())
                            + ". Page and report tell them.",
                    "Choose another length",
                    Check.Where.CUT));
        }
        return all;
    }

    /** What keeps the parcel here. */
    public List<Check> holding() {
        return items.stream().filter(Item::holds).map(Item::check).toList();
    }

    public boolean mayGo() {
        return holding().isEmpty();
    }

    /** What goes out although it was found, as the manifest tells it to a recipient: by its sort, and why in words it may read. */
    public List<Accepted> accepted(Disclosure may) {
        return items.stream()
                .filter(i -> !i.holds())
                .map(i -> new Accepted(
                        i.check().sort(),
                        may.facts().reviewer(),
                        may.recipient().isPublic() ? "" : may.text(i.why().orElse(""))))
                .distinct()
                .toList();
    }

    /** The clips of a job that show something of the pipe. */
    static Stream<Clip> footage(Job job) {
        return job.clipsInUse().stream().filter(c -> !c.photo());
    }
}
