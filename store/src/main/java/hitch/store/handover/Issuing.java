package hitch.store.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.job.Deed;
import hitch.core.job.Parcels;
import hitch.core.parcel.Checks;
import hitch.core.parcel.Told;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.store.StoreException;
import hitch.store.out.OutFolder;
import hitch.store.seal.SigningKey;
import hitch.store.seal.Verified;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;

/** Makes the next issue of a recipient's parcel. Earlier issues stay as they are. */
public final class Issuing {
    /** The folder within a job in which parcels lie, a folder for each recipient and in it one for each issue. */
    public static final String FOLDER = "handed-over";

    private final Path job;
    private final Parcels parcels;
    private final Clock clock;

    /**
     * @param job the job's folder
     * @param parcels what was made of it so far
     */
    public Issuing(Path job, Parcels parcels, Clock clock) {
        this.job = job;
        this.parcels = parcels;
        this.clock = clock;
    }

    /** Where an issue is put unless somebody says otherwise. */
    public Path usual(Recipient whom) {
        return job.resolve(FOLDER).resolve(whom.word()).resolve("issue-" + parcels.next(whom.word()));
    }

    /** Where an issue that was made lies. */
    public static Path folder(Path job, Deed.Made made) {
        return job.resolve(made.folder());
    }

    /**
     * Makes it, whole or not at all.
     *
     * @param may what its recipient may see
     * @param checks what was checked before; nothing is made while one holds
     * @param delivery what writes it, but for the terms
     * @param by who makes it
     * @return what happened, to be kept in the job's journal
     */
    public Deed.Made make(
            Disclosure may,
            Checks checks,
            Delivery delivery,
            String firm,
            String by,
            Optional<SigningKey> key,
            Path out,
            Progress progress)
            throws StoreException, MediaException {
        Recipient whom = may.recipient();
        if (!checks.mayGo()) {
            throw new StoreException("Nothing was made for the " + whom.called() + ": "
                    + checks.holding().getFirst().words());
        }
        Map<String, String> told = Told.of(may);
        int issue = parcels.next(whom.word());
        List<String> changed = parcels.newest(whom.word())
                .map(i -> Told.changed(i.made().told(), told))
                .orElse(List.of());
        Path video = delivery.under(new Terms(firm, issue, changed, checks.accepted(may), key))
                .write(whom, out, progress);
        try {
            long bytes = 0;
            for (String file : OutFolder.filesIn(out)) {
                bytes += Files.size(out.resolve(file));
            }
            String record = JsonMapper.shared()
                    .readTree(Files.readString(out.resolve(Verified.MANIFEST)))
                    .path("record_sha256")
                    .asString("");
            return new Deed.Made(
                    whom.word(),
                    issue,
                    clock.instant().toString(),
                    by,
                    within(out),
                    bytes,
                    delivery.seconds(),
                    record,
                    told);
        } catch (IOException e) {
            throw new StoreException(
                    "The parcel was written to " + out + " (" + video.getFileName() + "), and cannot be read again: "
                            + e.getMessage(),
                    e);
        }
    }

    private String within(Path out) {
        Path whole = out.toAbsolutePath().normalize();
        Path here = job.toAbsolutePath().normalize();
        return whole.startsWith(here) ? here.relativize(whole).toString().replace('\\', '/') : whole.toString();
    }
}
