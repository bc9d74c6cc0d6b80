package hitch.core.note.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Leaves out the sounds a speaker makes while thinking, with the commas about them. */
final class Fillers {
    private static final Set<String> SOUNDS = Set.of("um", "uh", "erm", "hmm", "ah", "umm", "uhh", "eh", "uhm");

    private Fillers() {}

    static List<Token> out(List<Token> tokens) {
        List<Token> left = new ArrayList<>(tokens.size());
        for (int i = 0; i < tokens.size(); i++) {
            boolean cannot = tokens.get(i).is("can")
                    && i + 1 < tokens.size()
                    && tokens.get(i + 1).is("not");
            if (cannot) {
                left.add(new Token(
                        "cannot",
                        Double.NaN,
                        tokens.get(i).start(),
                        tokens.get(i + 1).end()));
                i++;
                continue;
            }
            if (!SOUNDS.contains(tokens.get(i).text())) {
                left.add(tokens.get(i));
                continue;
            }
            boolean comma = i + 1 < tokens.size() && tokens.get(i + 1).is(",");
            if (comma) {
                i++;
                if (!left.isEmpty() && left.getLast().is(",")) {
                    left.removeLast();
                }
            }
        }
        return left;
    }
}
