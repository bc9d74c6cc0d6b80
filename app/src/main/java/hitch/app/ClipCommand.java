package hitch.app;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.survey.Survey;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import hitch.store.handover.EvidenceCut;
import hitch.store.handover.EvidenceSet;
import hitch.store.out.OutFolder;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
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
        description = {
            "Writes the footage around a finding, untouched and labelled, each with a record of its source.",
            "Of several findings also their stills, a table, and sheets of the stills with their stations."
        },
        footer = {
            "",
            "Example:",
            "  ./hitch clip demo F3 --before 4 --after 4 --out OUT",
            "  ./hitch clip demo all --least mend --out OUT"
        },
        mixinStandardHelpOptions = true)
final class ClipCommand implements Callable<Integer> {
    /** Stands for every finding. */
    private static final String ALL = "all";

    /** Nobody wants more of one finding. */
    private static final double LONGEST_S = 3600;

    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "JOB", description = "Job folder, or demo.")
    private String job;

    @Parameters(
            index = "1",
            paramLabel = "FINDING",
            description = "Name of the finding, such as F3; several with commas, or all.")
    private String finding;

    @Option(
            names = "--least",
            paramLabel = "WEIGHT",
            description = "Of all: those that are at least noted, watch, tend, mend or stop.")
    private String least = "noted";

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
            Disclosure may = Disclosure.of(survey, recipient);
            Footage footage = new Footage(folder.folder());
            EvidenceCut cut = new EvidenceCut(may, footage, withSound || !recipient.isPublic());
            List<LocatedFinding> chosen = chosen(survey, may);
            if (chosen.size() == 1 && !finding.equals(ALL)) {
                for (EvidenceCut.Form form : EvidenceCut.Form.values()) {
                    spec.commandLine()
                            .getOut()
                            .println(cut.write(chosen.getFirst(), form, before, after, place, terminal));
                }
            } else {
                EvidenceSet.Written written =
                        new EvidenceSet(may, footage, cut).write(chosen, before, after, place, terminal);
                written.clips().forEach(spec.commandLine().getOut()::println);
                written.sheets().forEach(spec.commandLine().getOut()::println);
                spec.commandLine().getOut().println(written.pdf());
                if (!written.skipped().isEmpty()) {
                    spec.commandLine()
                            .getErr()
                            .println("On photographs, so without clips: " + String.join(", ", written.skipped()));
                }
            }
        }
        return 0;
    }

    private List<LocatedFinding> chosen(Survey survey, Disclosure may) throws StoreException {
        if (finding.equals(ALL)) {
            Weight weight = Arrays.stream(Weight.values())
                    .filter(w -> w.word().equals(least))
                    .findFirst()
                    .orElseThrow(() ->
                            new StoreException("\"" + least + "\" is no weight: noted, watch, tend, mend or stop."));
            return EvidenceSet.atLeast(survey.findings(), may, weight);
        }
        List<LocatedFinding> chosen = new ArrayList<>();
        for (String name : finding.split(",")) {
            chosen.add(survey.finding(new FindingId(name.strip().toUpperCase(Locale.ROOT)))
                    .orElseThrow(() -> new StoreException("This job has no finding " + name + "; it has "
                            + String.join(
                                    ", ",
                                    survey.findings().stream()
                                            .map(f -> f.finding().id().value())
                                            .toList()) + ".")));
        }
        return chosen;
    }
}
