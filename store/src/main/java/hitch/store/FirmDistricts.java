package hitch.store;

import hitch.core.disclosure.Recipient;
import hitch.core.district.CodeTable;
import hitch.core.district.District;
import hitch.core.district.DistrictForm;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The forms of districts that a firm keeps, each for a kind of recipient: its form as a text, its codes as the CSV that was supplied. */
public final class FirmDistricts {
    private static final String FORM = "district-%s.txt";
    private static final String CODES = "district-%s.csv";
    private static final String NAMES = "district-[a-z0-9]+(-[a-z0-9]+)*\\.(txt|csv)";

    private final Path folder;

    FirmDistricts(Path folder) {
        this.folder = folder;
    }

    /** Whether a file of a firm is a district's. */
    static boolean isOne(String name) {
        return name.matches(NAMES);
    }

    /** The files that are there. */
    List<String> files() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(folder)) {
            return all.map(p -> p.getFileName().toString())
                    .filter(FirmDistricts::isOne)
                    .sorted()
                    .toList();
        }
    }

    /**
     * The form of one recipient; empty where it has none of its own.
     *
     * @throws StoreException with the line that cannot be
     */
    public Optional<District> of(Recipient whom) throws StoreException {
        Path file = folder.resolve(FORM.formatted(whom.word()));
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        Path codes = folder.resolve(CODES.formatted(whom.word()));
        try {
            DistrictForm form = DistrictText.parse(TextFile.read(file));
            return Optional.of(
                    new District(form, Files.exists(codes) ? CodeTable.parse(TextFile.read(codes)) : CodeTable.NONE));
        } catch (IllegalArgumentException e) {
            throw new StoreException(
                    "The form of the " + whom.called() + " in " + file + " cannot be understood: " + e.getMessage()
                            + " It was left as it is; put that line right.",
                    e);
        }
    }

    /** Keeps a form. */
    public void keep(Recipient whom, DistrictForm form) throws StoreException {
        FirmFile.keep(
                folder,
                Map.of(FORM.formatted(whom.word()), DistrictText.write(form).getBytes(StandardCharsets.UTF_8)));
    }

    /**
     * Takes a table of codes in, as it is; what of it cannot be used is told by what it is read as.
     *
     * @return the table as read
     * @throws StoreException where nothing of it can be used; then the codes are as they were
     */
    public CodeTable takeCodes(Recipient whom, Path csv) throws StoreException {
        String text = TextFile.read(csv);
        CodeTable codes = CodeTable.parse(text);
        if (codes.codes().isEmpty()) {
            throw new StoreException("No code was taken from " + csv.getFileName() + ", so the codes are as they were. "
                    + (codes.trouble().isEmpty()
                            ? "The table is empty."
                            : codes.trouble().getFirst()));
        }
        FirmFile.keep(folder, Map.of(CODES.formatted(whom.word()), text.getBytes(StandardCharsets.UTF_8)));
        return codes;
    }

    /** Drops a form and its codes. */
    public void drop(Recipient whom) throws StoreException {
        try {
            Files.deleteIfExists(folder.resolve(FORM.formatted(whom.word())));
            Files.deleteIfExists(folder.resolve(CODES.formatted(whom.word())));
        } catch (IOException e) {
            throw new StoreException("The form could not be dropped: " + e.getMessage(), e);
        }
    }
}
