package hitch.sim.trial;

import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.Map;

/** Writing of square dots, five across and seven down, as plain recorders burn it in. */
final class DotMatrix {
    private static final Map<Character, String> ROWS = Map.ofEntries(
            Map.entry('0', ".###. #...# #..## #.#.# ##..# #...# .###."),
            Map.entry('1', "..#.. .##.. ..#.. ..#.. ..#.. ..#.. .###."),
            Map.entry('2', ".###. #...# ....# ...#. ..#.. .#... #####"),
            Map.entry('3', ".###. #...# ....# ..##. ....# #...# .###."),
            Map.entry('4', "...#. ..##. .#.#. #..#. ##### ...#. ...#."),
            Map.entry('5', "##### #.... ####. ....# ....# #...# .###."),
            Map.entry('6', "..##. .#... #.... ####. #...# #...# .###."),
            Map.entry('7', "##### ....# ...#. ..#.. ..#.. .#... .#..."),
            Map.entry('8', ".###. #...# #...# .###. #...# #...# .###."),
            Map.entry('9', ".###. #...# #...# .#### ....# ...#. .##.."),
            Map.entry('.', "..... ..... ..... ..... ..... .##.. .##.."),
            Map.entry(':', "..... .##.. .##.. ..... .##.. .##.. ....."),
            Map.entry('-', "..... ..... ..... ####. ..... ..... ....."),
            Map.entry('\'', "..##. ..##. ..#.. ..... ..... ..... ....."),
            Map.entry('"', ".#.#. .#.#. .#.#. ..... ..... ..... ....."),
            Map.entry('f', "..##. .#..# .#... ####. .#... .#... .#..."),
            Map.entry('t', ".#... .#... ####. .#... .#... .#..# ..##."),
            Map.entry('m', "..... ..... ##.#. #.#.# #.#.# #.#.# #.#.#"));

    private DotMatrix() {}

    /** {@code text} with its left foot at the given place; what it has no dots for stays a gap. */
    static Shape shape(String text, double x, double y, double tall) {
        double dot = tall / 7;
        Path2D whole = new Path2D.Double(Path2D.WIND_NON_ZERO);
        for (int i = 0; i < text.length(); i++) {
            String[] rows = ROWS.getOrDefault(text.charAt(i), "").split(" ");
            Area letter = new Area();
            for (int row = 0; row < rows.length; row++) {
                for (int column = 0; column < rows[row].length(); column++) {
                    if (rows[row].charAt(column) == '#') {
                        letter.add(new Area(new Rectangle2D.Double(
                                x + (i * 6 + column) * dot, y - tall + row * dot, dot * 1.02, dot * 1.02)));
                    }
                }
            }
            whole.append(letter, false);
        }
        return whole;
    }
}
