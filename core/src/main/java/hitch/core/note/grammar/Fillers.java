package hitch.core.note.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Leaves out the sounds a speaker makes while thinking, with the commas about them; spells out "b/w" and "c/o". */
final class Fillers {
    private static final Set<String> SOUNDS = Set.of("um", "uh", "erm", "hmm", "ah", "umm", "uhh", "eh", "uhm");

    private Fillers() {}

    static List<Token> out(List<Token> tokens) {
        List<Token> left = new ArrayList<>(tokens.size());
        for (int i = 0; i < tokens.size(); i++) {
            boolean between = tokens.get(i).is("b")
                    && i + 2 < tokens.size()
                    && tokens.get(i + 1).is("/")
                    && tokens.get(i + 2).is("w");
            boolean cleanout = tokens.get(i).is("c")
                    && i + 2 < tokens.size()
                    && tokens.get(i + 1).is("/")
                    && tokens.get(i + 2).is("o");
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
            if (cleanout) {
                left.add(new Token(
                        "cleanout",
                        Double.NaN,
                        tokens.get(i).start(),
                        tokens.get(i + 2).end()));
                i += 2;
                continue;
            }
            if (between) {
                left.add(new Token(
                        "between",
                        Double.NaN,
                        tokens.get(i).start(),
                        tokens.get(i + 2).end()));
                i += 2;
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
