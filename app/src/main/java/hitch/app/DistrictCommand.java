package hitch.app;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.district.CodeTable;
import hitch.core.district.District;
import hitch.core.district.DistrictCheck;
import hitch.core.district.DistrictForm;
import hitch.core.district.DistrictTable;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.store.DistrictText;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import hitch.store.TextFile;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code hitch district}: a district's own form, its codes checked, and its table of a job. */
@Command(
        name = "district",
        description =
                "Checks a district's own form and codes, and writes its table of a job. Ends with 1 where something"
                        + " has no code. What the firm keeps for the recipient stands where no file is given.",
        footer = {"", "Example:", "  ./hitch district demo --form FORM.txt --codes CODES.csv"},
        mixinStandardHelpOptions = true)
final class DistrictCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "JOB", description = "Job folder, or demo for a fresh demo job.")
    private String job;

    @Option(names = "--recipient", paramLabel = "WHO", description = "Whose form it is; the district's.")
    private Recipient recipient = Recipient.DISTRICT;

    @Option(names = "--form", paramLabel = "FORM", description = "The form, a line NAME = VALUE each.")
    private Path form;

    @Option(names = "--codes", paramLabel = "CODES", description = "CSV: kind, by, from, to, code, words.")
    private Path codes;

    @Option(names = "--keep", description = "Keep both with the firm, for this recipient.")
    private boolean keep;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        PrintWriter err = spec.commandLine().getErr();
        Optional<District> kept = Jobs.firm().districts().of(recipient);
        DistrictForm its = form == null ? kept.map(District::form).orElse(DistrictForm.PLAIN) : read(form);
        CodeTable table = codes == null
                ? kept.map(District::codes).orElse(CodeTable.NONE)
                : CodeTable.parse(TextFile.read(codes));
        if (keep) {
            Jobs.firm().districts().keep(recipient, its);
            if (codes != null) {
                Jobs.firm().districts().takeCodes(recipient, codes);
            }
        }
        try (JobFolder folder = Jobs.open(job, err)) {
            Survey survey = Reckoner.survey(folder.job(), new Footage(folder.folder()).watched(folder.job()));
            Disclosure may = Disclosure.of(survey, recipient);
            List<String> general = DistrictCheck.of(table);
            List<String> here = DistrictCheck.of(may, its, table);
            general.forEach(err::println);
            here.forEach(err::println);
            err.flush();
            out.print(new DistrictTable(may, its, table).csv());
            out.flush();
            return here.isEmpty() ? 0 : 1;
        }
    }

    private static DistrictForm read(Path form) throws StoreException {
        try {
            return DistrictText.parse(TextFile.read(form));
        } catch (IllegalArgumentException e) {
            throw new StoreException(
                    "The form in " + form + " cannot be understood: " + e.getMessage() + " Nothing was kept.", e);
        }
    }
}
