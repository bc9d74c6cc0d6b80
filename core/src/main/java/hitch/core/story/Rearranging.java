package hitch.core.story;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.OwnShot;
import hitch.core.job.ShotChange;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** What moving, splitting, joining, putting in and taking out changes in a script: an edit each, which undo takes back whole. */
public final class Rearranging {
    private final Script script;
    private final Disclosure may;

    public Rearranging(Script script, Disclosure may) {
        this.script = script;
        this.may = may;
    }

    private List<ScriptLine> lines() {
        return script.lines();
    }

    private ScriptLine line(String key) {
        return script.line(key)
                .orElseThrow(() -> new IllegalArgumentException("no shot of this script goes by " + key));
    }

    /** The key of the line before another; blank before the first. */
    private String before(String key) {
        int at = lines().indexOf(line(key));
        return at == 0 ? "" : lines().get(at - 1).proposed().key();
    }

    /** Puts a shot behind another; a blank key is the beginning. */
    public Edit.ArrangeShots move(String key, String behind) {
        Map<String, ShotChange> changes = new LinkedHashMap<>();
        if (!key.equals(behind) && !before(key).equals(behind)) {
            leave(key, changes);
            stand(key, behind, line(key).change(), changes);
        }
        return edit(changes, List.of(), List.of());
    }

    /** Moves a shot by one place, towards the end or the beginning; stays where there is no more. */
    public Edit.ArrangeShots move(String key, boolean on) {
        int at = lines().indexOf(line(key));
        int behind = on ? at + 1 : at - 2;
        return behind >= lines().size() || behind < -1
                ? edit(Map.of(), List.of(), List.of())
                : move(key, behind < 0 ? "" : lines().get(behind).proposed().key());
    }

    /** Those that stood behind a shot which goes stand behind what was before it. */
    private void leave(String key, Map<String, ShotChange> changes) {
        String before = before(key);
        lines().stream()
                .filter(l -> l.change().behind().equals(Optional.of(key)))
                .forEach(l -> changes.put(l.proposed().key(), l.change().behind(before)));
    }

    /** Puts a shot directly behind another: whoever was put there before stands behind the new one. */
    private void stand(String key, String behind, ShotChange change, Map<String, ShotChange> changes) {
        for (ScriptLine l : lines()) {
            String its = l.proposed().key();
            ShotChange now = changes.getOrDefault(its, l.change());
            if (!its.equals(key) && now.behind().equals(Optional.of(behind))) {
                changes.put(its, now.behind(key));
            }
        }
        changes.put(key, change.behind(behind));
    }

    /** Puts a new shot behind another, with words over it. */
    public Edit.ArrangeShots put(String behind, Function<String, OwnShot> make, String words) {
        Map<String, ShotChange> changes = new LinkedHashMap<>();
        OwnShot own = make.apply(may.story().nextOwn());
        ShotChange said = words.isBlank() ? ShotChange.NONE : ShotChange.NONE.saying(words, "");
        stand(own.key(), behind, said, changes);
        return edit(changes, List.of(own), List.of());
    }

    /** Cuts a paragraph in two: the rest of the words is spoken over a shot of its own on the same picture. */
    public Edit.ArrangeShots split(String key, String first, String rest) {
        ScriptLine line = line(key);
        Edit.ArrangeShots put = put(key, own -> goingOn(own, line.shot()), kept(line, rest));
        Map<String, ShotChange> changes = new LinkedHashMap<>(put.changes());
        changes.put(
                key,
                changes.getOrDefault(key, line.change())
                        .saying(kept(line, first), line.proposed().facts()));
        return edit(changes, put.put(), List.of());
    }

    private String kept(ScriptLine line, String words) {
        return LiveFacts.of(line.shot(), may).kept(words.strip());
    }

    /** A shot of one's own that goes on with the picture of another. */
    private OwnShot goingOn(String key, Shot shot) {
        return switch (shot) {
            case PassageShot p ->
                new OwnShot(key, OwnShot.Kind.PLAYED, Optional.of(later(p.frame(), p.after())), p.title(), List.of());
            case CardShot c ->
                new OwnShot(
                        key,
                        OwnShot.Kind.CARD,
                        Optional.empty(),
                        c.title(),
                        c.rows().stream()
                                .map(r -> (r.label() + " " + r.text()).strip())
                                .toList());
            case MapShot m -> new OwnShot(key, OwnShot.Kind.MAP, Optional.empty(), m.title(), List.of());
            default ->
                new OwnShot(key, OwnShot.Kind.STILL, shot.shown().stream().findFirst(), shot.title(), List.of());
        };
    }

    private FrameRef later(FrameRef frame, double seconds) {
        Optional<Clip> clip = may.source(frame.clip());
        return clip.map(c -> new FrameRef(
                        c.id(),
                        frame.pts() + c.base().ticks(Math.min(seconds, c.seconds() - c.secondsInto(frame.pts())))))
                .orElse(frame);
    }

    /** Adds a paragraph's words to the one before it, and leaves its shot out; nothing where it is the first. */
    public Edit.ArrangeShots join(String key) {
        int at = lines().indexOf(line(key));
        int into = at - 1;
        while (into >= 0 && lines().get(into).isLeftOut()) {
            into--;
        }
        if (into < 0) {
            return edit(Map.of(), List.of(), List.of());
        }
        ScriptLine line = lines().get(at);
        ScriptLine target = lines().get(into);
        String words = (target.shot().narration() + " " + line.shot().narration()).strip();
        Edit.ArrangeShots out = takeOut(key);
        Map<String, ShotChange> changes = new LinkedHashMap<>(out.changes());
        String its = target.proposed().key();
        changes.put(
                its,
                changes.getOrDefault(its, target.change())
                        .saying(kept(target, words), target.proposed().facts()));
        return edit(changes, List.of(), out.removed());
    }

    /** Leaves a proposed shot out, and takes one of a person's own away. */
    public Edit.ArrangeShots takeOut(String key) {
        Map<String, ShotChange> changes = new LinkedHashMap<>();
        if (!key.startsWith(OwnShot.KEYS)) {
            changes.put(key, line(key).change().leftOut(true));
            return edit(changes, List.of(), List.of());
        }
        leave(key, changes);
        return edit(changes, List.of(), List.of(key));
    }

    /** Puts other words in place of some, in every paragraph that is told; case counts. */
    public Edit.ArrangeShots replace(String find, String with) {
        Map<String, ShotChange> changes = new LinkedHashMap<>();
        for (ScriptLine line : holding(find)) {
            String words = line.shot().narration().replace(find, with).strip();
            changes.put(
                    line.proposed().key(),
                    line.change().saying(kept(line, words), line.proposed().facts()));
        }
        return edit(changes, List.of(), List.of());
    }

    /** The paragraphs that are told and hold some words. */
    public List<ScriptLine> holding(String find) {
        return find.isEmpty()
                ? List.of()
                : lines().stream()
                        .filter(l -> !l.isLeftOut() && l.shot().narration().contains(find))
                        .toList();
    }

    private Edit.ArrangeShots edit(Map<String, ShotChange> changes, List<OwnShot> put, List<String> removed) {
        return new Edit.ArrangeShots(may.recipient().word(), changes, put, removed);
    }
}
