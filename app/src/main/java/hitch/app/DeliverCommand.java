package hitch.app;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.district.District;
import hitch.core.job.Deed;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.parcel.Check;
import hitch.core.parcel.Checks;
import hitch.core.sketch.FilmMap;
import hitch.core.story.Length;
import hitch.core.story.StoryWish;
import hitch.core.survey.Survey;
import hitch.media.film.FilmShape;
import hitch.store.FirmFolder;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.handover.Delivery;
import hitch.store.handover.FilmFit;
import hitch.store.handover.Issuing;
import hitch.store.out.OutFolder;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "deliver",
        description = "Writes the narrated video, captions, report, tables and manifest for one recipient.",
        footer = {"", "Example:", "  ./hitch deliver demo --recipient homeowner --out OUT"},
        mixinStandardHelpOptions = true)
final class DeliverCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "JOB", description = "Job folder, or demo.")
    private String job;

    @Option(
            names = {"--recipient", "--audience"},
            required = true,
            paramLabel = "WHO",
            description = "homeowner, buyer, buyers-agent, district, insurer or firm.")
    private Recipient recipient;

    @Option(
            names = "--out",
            paramLabel = "DIR",
            description = "Folder to write into; a new one in the job's folder where it is not given.")
    private Path out;

    @Option(names = "--length", paramLabel = "LENGTH", description = "Of the film: full, standard, short, or seconds.")
    private Length length = Length.STANDARD;

    @Option(names = "--seed", paramLabel = "N", description = "Other words for another number.")
    private long seed = 1;

    @Option(names = "--large", description = "A film of 1920 by 1080 at 30 pictures a second.")
    private boolean large;

    @Option(
            names = "--fit",
            paramLabel = "MB",
            description = "The whole parcel keeps within so many megabytes; what fits is measured and told first.")
    private Double fit;

    @Option(
            names = "--accept",
            paramLabel = "WHY",
            description = "A word why what asks for a reason is fine; the manifest tells it.")
    private String accepted;

    @Option(
            names = "--accept-damage",
            description = "Deliver although the record is damaged; the manifest tells what cannot be trusted.")
    private boolean acceptDamage;

    @Option(
            names = HandingOver.SHOW_WRITING,
            description =
                    "Show writing on the pictures that nobody was asked about to whoever may not know the people.")
    private boolean showWriting;

    @Override
    public Integer call() throws Exception {
        Terminal terminal = new Terminal(spec.commandLine().getErr());
        try (JobFolder folder = Jobs.open(job, spec.commandLine().getErr())) {
            Jobs.refuseDamage(folder, acceptDamage);
            if (out != null) {
                OutFolder.checked(out, List.of());
            }
            Survey survey = HandingOver.survey(folder, recipient, showWriting, terminal);
            Disclosure may = Disclosure.of(survey, recipient);
            StoryWish wish = Jobs.wish().lasting(length).seeded(seed);
            HandingOver.tell(may, survey, wish, spec.commandLine().getErr());
            FirmFolder firm = Jobs.firm();
            FilmShape shape = large ? FilmShape.LARGE : FilmShape.USUAL;
            if (fit != null) {
                FilmFit.Fit found = new FilmFit(
                                may,
                                recipient.isPublic() ? Optional.empty() : FilmMap.of(survey),
                                new Footage(folder.folder()))
                        .within(wish, shape, Math.round(fit * 1e6), terminal);
                spec.commandLine().getErr().println(found.words());
                shape = found.film().shape();
            }
            Delivery delivery = new Delivery(
                            survey,
                            new Footage(folder.folder()),
                            firm.voices().narrator(Voice.narrator(), folder.speech(), recipient),
                            Clock.systemUTC(),
                            folder.damage())
                    .filming(wish, shape)
                    .inColourOf(firm.profile());
            Optional<District> district = firm.districts().of(recipient);
            Issuing issuing = new Issuing(folder.folder(), folder.history().parcels(), Clock.systemUTC());
            Path to = out == null ? issuing.usual(recipient) : out;
            Deed.Made made = issuing.make(
                    may,
                    checked(folder, survey, wish, district),
                    delivery.inFormOf(district),
                    firm.profile().name(),
                    by(folder),
                    Optional.of(firm.signingKey()),
                    to,
                    terminal);
            folder.handed(made);
            delivery.silence()
                    .ifPresent(why -> spec.commandLine()
                            .getErr()
                            .println("The film has no voice; its captions say all of it. " + why));
            spec.commandLine().getOut().println(to);
        }
        return 0;
    }

    /** What is checked first, told as it is found. */
    private Checks checked(JobFolder folder, Survey survey, StoryWish wish, Optional<District> district) {
        Job job = folder.job();
        for (Checks.Item item : Checks.of(job, survey, Disclosure.of(survey, recipient), wish, district)
                .items()) {
            if (accepted != null && item.check().weight() == Check.Weight.REASON && item.holds()) {
                job = job.with(
                        new Edit.AcceptCheck(recipient.word(), item.check().key(), Optional.of(accepted)));
            }
        }
        Checks checks = Checks.of(job, survey, Disclosure.of(survey, recipient), wish, district);
        PrintWriter err = spec.commandLine().getErr();
        checks.items()
                .forEach(i -> err.println((i.holds() ? "Holds it back: " : "Goes out so: ")
                        + i.check().words() + " " + i.check().mend() + "."));
        if (checks.holding().stream().anyMatch(c -> c.weight() == Check.Weight.REASON)) {
            err.println("--accept \"WHY\" hands it over all the same; the manifest tells so.");
        }
        err.flush();
        return checks;
    }

    private static String by(JobFolder folder) {
        String reviewer = folder.job().facts().reviewer();
        return reviewer.isBlank() ? System.getProperty("user.name", "") : reviewer;
    }
}
