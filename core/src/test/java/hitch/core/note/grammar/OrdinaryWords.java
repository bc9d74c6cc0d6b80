package hitch.core.note.grammar;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Makes {@code ordinary.txt}: the words of a spelling dictionary, one a line, that would be taken for words of the
 * trade. To be run again when {@code words.txt} has changed; the dictionary used was the one of Debian's
 * {@code wamerican}.
 */
final class OrdinaryWords {
    private static final int WIDTH = 110;

    private OrdinaryWords() {}

    /** @param args the dictionary, and the file to write */
    public static void main(String[] args) throws IOException {
        List<String> lines = new ArrayList<>();
        lines.add(
                "# Ordinary English words that a trade word is a letter or a sound away from; they are never taken for it.");
        lines.add("# Made by OrdinaryWords (tests of this package) from a spelling dictionary.");
        StringBuilder line = new StringBuilder();
        for (String word : Files.readAllLines(Path.of(args[0]))) {
            boolean plain = word.equals(word.toLowerCase(Locale.ROOT)) && !word.contains("'");
            if (plain && Words.shipped().isNear(word)) {
                if (line.length() + word.length() > WIDTH) {
                    lines.add(line.toString().strip());
                    line.setLength(0);
                }
                line.append(word).append(' ');
            }
        }
        lines.add(line.toString().strip());
        Files.write(Path.of(args[1]), lines);
    }
}
