package hitch.core.exchange;

/** Control characters as their pictures (Unicode block Control Pictures), so that they are seen and do nothing. */
public final class Symbols {
    private static final int FIRST = 0x2400;
    private static final char DELETE = 0x7F;
    private static final char DELETE_SHOWN = 0x2421;

    private Symbols() {}

    /** {@code text} with every control character but a line's end and a tab shown; half a pair of surrogates is shown as unknown. */
    public static String shown(String text) {
        StringBuilder out = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean pair = Character.isHighSurrogate(c)
                    && i + 1 < text.length()
                    && Character.isLowSurrogate(text.charAt(i + 1));
            if (pair) {
                out.append(c).append(text.charAt(++i));
            } else if (Character.isSurrogate(c)) {
                out.append('\uFFFD');
            } else if (c < ' ' && c != '\n' && c != '\t' && c != '\r') {
                out.append((char) (FIRST + c));
            } else {
                out.append(c == DELETE ? DELETE_SHOWN : c);
            }
        }
        return out.toString();
    }
}
