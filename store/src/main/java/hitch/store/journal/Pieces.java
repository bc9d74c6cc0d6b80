package hitch.store.journal;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** The text of a journal cut into what can be read and what cannot. */
final class Pieces {
    /** How a line begins; inside a line such text stands only with its quotes escaped. */
    private static final Pattern BEGIN = Pattern.compile("\\{\"(?:n|hitch)\":");

    /** A header, an entry, or a fragment of either. */
    sealed interface Piece {
        record Header(JournalHeader header, String sum) implements Piece {}

        record Line(JournalLine line) implements Piece {}

        record Fragment(String text) implements Piece {}
    }

    private final List<Piece> pieces = new ArrayList<>();
    private boolean sealed;

    private Pieces() {}

    static List<Piece> of(byte[] bytes) {
        Pieces cut = new Pieces();
        new String(bytes, StandardCharsets.UTF_8)
                .lines()
                .filter(l -> !l.isBlank())
                .forEach(cut::add);
        return cut.pieces;
    }

    private void add(String text) {
        Optional<Piece> whole = read(text);
        if (whole.isPresent()) {
            pieces.add(whole.get());
            return;
        }
        // The end of a line may be lost: then two stand in one.
        Matcher begin = BEGIN.matcher(text);
        List<Integer> starts = new ArrayList<>();
        while (begin.find()) {
            starts.add(begin.start());
        }
        if (starts.isEmpty() || starts.getFirst() > 0) {
            starts.addFirst(0);
        }
        for (int i = 0; i < starts.size(); i++) {
            String part = text.substring(starts.get(i), i + 1 < starts.size() ? starts.get(i + 1) : text.length());
            if (!part.isBlank()) {
                pieces.add(read(part)
                        .or(() -> read(part.substring(0, part.lastIndexOf("}") + 1)))
                        .orElse(new Piece.Fragment(part)));
            }
        }
    }

    private Optional<Piece> read(String text) {
        Optional<Seal.Opened> opened = Seal.open(text);
        if (opened.isEmpty()) {
            // Once lines have checksums, one without is damaged.
            return sealed ? Optional.empty() : Migrations.fromFirst(text).map(Piece.Line::new);
        }
        try {
            JsonNode line = EditJson.MAPPER.readTree(opened.get().body());
            sealed = true;
            return Optional.of(
                    JournalHeader.is(line)
                            ? new Piece.Header(
                                    JournalHeader.read(line), opened.get().sum())
                            : new Piece.Line(JournalLine.read(line, opened.get().sum())));
        } catch (JacksonException | IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
