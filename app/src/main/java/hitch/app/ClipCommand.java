package hitch.app;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.survey.Survey;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import hitch.store.handover.EvidenceCut;
import hitch.store.out.OutFolder;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "clip",
        description = "Writes the footage around a finding, untouched and labelled, each with a record of its source.",
        footer = {"", "Example:", "  ./hitch clip demo F3 --before 4 --after 4 --out OUT"},
        mixinStandardHelpOptions = true)
final class ClipCommand implements Callable<Integer> {
    /** Nobody wants more of one finding. */
    private static final double LONGEST_S = 3600;

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "JOB", description = "Job folder, or demo.")
    private String job;

    @Parameters(index = "1", paramLabel = "FINDING", description = "Name of the finding, such as F3.")
    private String finding;

    @Option(
            names = "--before",
            defaultValue = "4",
            paramLabel = "SECONDS",
            description = "Before its frame; ${DEFAULT-VALUE}.")
    private double before;

    @Option(
            names = "--after",
            defaultValue = "4",
            paramLabel = "SECONDS",
            description = "After its frame; ${DEFAULT-VALUE}.")
    private double after;

    @Option(
            names = "--for",
            paramLabel = "WHO",
            description =
                    "homeowner, buyer, buyers-agent, district or insurer: nothing that they may not see is in it; "
                            + "else all of it.")
    private Recipient recipient = Recipient.FIRM;

    @Option(
            names = "--with-sound",
            description =
                    "Untouched footage keeps its sound for a district too; else what was said along the pipe stays here.")
    private boolean withSound;

    @Option(
            names = HandingOver.SHOW_WRITING,
            description =
                    "Show writing on the pictures that nobody was asked about to whoever may not know the people.")
    private boolean showWriting;

    @Option(names = "--accept-damage", description = "Write the clips although the record is damaged.")
    private boolean acceptDamage;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "Folder to write into.")
    private Path out;

    @Override
    public Integer call() throws Exception {
        Ranges.within("--before", before, 0, LONGEST_S);
        Ranges.within("--after", after, 0, LONGEST_S);
        Path place = OutFolder.checked(out, List.of());
        try (JobFolder folder = Jobs.open(job, spec.commandLine().getErr())) {
            Jobs.refuseDamage(folder, acceptDamage);
            Terminal terminal = new Terminal(spec.commandLine().getErr());
            Survey survey = HandingOver.survey(folder, recipient, showWriting, terminal);
            LocatedFinding found = survey.finding(new FindingId(finding.toUpperCase(Locale.ROOT)))
                    .orElseThrow(() -> new StoreException("This job has no finding " + finding + "; it has "
                            + String.join(
                                    ", ",
                                    survey.findings().stream()
                                            .map(f -> f.finding().id().value())
                                            .toList()) + "."));
            EvidenceCut cut = new EvidenceCut(
                    Disclosure.of(survey, recipient), new Footage(folder.folder()), withSound || !recipient.isPublic());
            for (EvidenceCut.Form form : EvidenceCut.Form.values()) {
                spec.commandLine().getOut().println(cut.write(found, form, before, after, place, terminal));
            }
        }
        return 0;
    }
}
