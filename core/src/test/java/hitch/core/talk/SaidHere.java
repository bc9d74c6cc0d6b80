package hitch.core.talk;

import hitch.core.caption.Cue;
import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.grammar.TradeNoteReader;
import java.util.ArrayList;
import java.util.List;

/** What is drafted of a few lines, said in the midst of a run at 15 ft. */
final class SaidHere {
    private SaidHere() {}

    /** What is drafted of the last lines, each as {@code roots 20 3}: kind, feet from and to, hour; a minus before what is ruled out. */
    static List<String> drafted(String... lines) {
        return drafted(List.of("Zero at the cap.", "Five. Clay.", "Ten.", "Fifteen."), lines);
    }

    /** The same of captions without a sign, as a machine writes them. */
    static List<String> draftedWithoutSigns(String... lines) {
        return drafted(List.of("zero at the cap", "five feet it's clay", "ten feet", "fifteen feet"), lines);
    }

    /** What is drafted of all that was said. */
    static List<String> fromTheStart(String... lines) {
        return drafted(List.of(), lines);
    }

    private static List<String> drafted(List<String> before, String... lines) {
        List<String> all = new ArrayList<>(before);
        all.addAll(List.of(lines));
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            cues.add(new Cue(i * 6, i * 6 + 5, all.get(i)));
        }
        return new TalkReader(new TradeNoteReader(), LengthUnit.FEET)
                .read(cues).drafts().stream()
                        .filter(d -> d.seconds() >= 6 * before.size())
                        .map(d -> words(d.draft()))
                        .toList();
    }

    private static String words(Draft draft) {
        String place = draft.place()
                .map(p -> p.isPoint()
                        ? " " + feet(p.from().mm())
                        : " " + feet(p.from().mm()) + "-" + feet(p.to().mm()))
                .orElse("");
        String side = draft.traits()
                .clock()
                .map(ClockPosition::from)
                .map(h -> " at " + h)
                .orElse("");
        return (draft.certainty() == Certainty.RULED_OUT ? "-" : "")
                + draft.matter().word()
                + place
                + side;
    }

    private static String feet(long mm) {
        String tenths = String.valueOf(Math.round(mm / 30.48) / 10.0);
        return tenths.replaceAll("\\.0$", "");
    }
}
