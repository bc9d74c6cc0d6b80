package hitch.store;

import hitch.core.decide.EarlierVisit;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.KeptBack;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.Finding;
import hitch.core.footage.Covered;
import hitch.core.job.Job;
import hitch.core.judge.visit.Compared;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.media.clip.Picture;
import hitch.media.draw.Cover;
import hitch.media.render.Still;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.UUID;

/** Another job of the same property as an earlier visit. It is read and left as it is. */
public final class EarlierJob {
    /** Where stills of earlier visits are kept in a job. */
    public static final String FOLDER = "beside";

    private EarlierJob() {}

    /**
     * What another job found.
     *
     * @throws StoreException where the folder is no job or is open elsewhere
     */
    public static EarlierVisit read(Path folder) throws StoreException, MediaException {
        try (JobFolder other = JobFolder.open(folder)) {
            return read(other);
        }
    }

    private static EarlierVisit read(JobFolder other) throws StoreException, MediaException {
        Job job = other.job();
        Survey survey = Reckoner.survey(job, new Footage(other.folder()).watched(job));
        EarlierVisit visit = Compared.visit(
                other.id()
                        .map(UUID::toString)
                        .orElse(other.folder().getFileName().toString()),
                survey);
        if (visit.found().isEmpty()) {
            throw new StoreException(
                    "Nothing was laid beside: " + other.folder().getFileName()
                            + " has no finding with a place on its line. Choose a job that was marked.");
        }
        return visit;
    }

    /**
     * What another job found, its stills copied into {@code into}, so that both can be seen side by side wherever the other goes.
     *
     * @throws StoreException where the folder is no job, is this very job, or its stills cannot be copied
     */
    public static EarlierVisit take(Path folder, JobFolder into) throws StoreException, MediaException {
        try (JobFolder other = JobFolder.open(folder)) {
            if (other.id().equals(into.id())) {
                throw new StoreException("Nothing was laid beside: that is this job itself.");
            }
            EarlierVisit visit = read(other);
            // As who may know least sees it: nobody knows who will be sent the copy.
            Survey then = Reckoner.survey(other.job(), new Footage(other.folder()).watched(other.job()));
            KeptBack back = Disclosure.of(then, Recipient.BUYER).keptBack();
            for (Finding finding : other.job().findings()) {
                Path still = other.still(finding);
                if (Files.exists(still)) {
                    copy(
                            still,
                            back,
                            finding,
                            still(into.folder(), visit.id(), finding.id().value()));
                }
            }
            return visit;
        } catch (IOException e) {
            throw new StoreException("The stills of the earlier visit could not be copied: " + e.getMessage(), e);
        }
    }

    /** A copy goes on into parcels, where nobody knows any more what was to be covered on it: it is covered here. */
    private static void copy(Path still, KeptBack back, Finding finding, Path to) throws IOException, MediaException {
        Files.createDirectories(to.getParent());
        long at = finding.frame().pts();
        List<Covered> covers = back.covered(finding.frame().clip()).stream()
                .filter(c -> c.isWithin(at, at))
                .toList();
        if (covers.isEmpty()) {
            Files.copy(still, to, StandardCopyOption.REPLACE_EXISTING);
        } else {
            Picture picture = Still.read(still);
            Still.save(Cover.over(new Picture(picture.width(), picture.height(), picture.rgb(), at), covers), to);
        }
    }

    /**
     * Where the still of a finding of an earlier visit is or would be.
     *
     * @param job folder of the job that it was laid beside
     */
    public static Path still(Path job, String visit, String finding) {
        return job.resolve(FOLDER).resolve(FileNames.safe(visit)).resolve(FileNames.safe(finding) + ".png");
    }
}
