package hitch.app;

import hitch.media.MediaException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

@Command(
        name = "probe",
        description = {
            "Tells what footage files are, as JSON: one object for one file, a list for several.",
            "Every picture is decoded once, so that damage inside the file is found; --quick leaves that out."
        },
        footer = {"", "Example:", "  ./hitch probe street.mp4 building.avi"},
        mixinStandardHelpOptions = true)
final class ProbeCommand implements Callable<Integer> {
    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    @Spec
    private CommandSpec spec;

    @Parameters(arity = "1..*", paramLabel = "FILE", description = "Footage files; they are only read.")
    private List<Path> files;

    @Option(names = "--quick", description = "Lists the frames without decoding them; damage inside is not looked for.")
    private boolean quick;

    @Override
    public Integer call() {
        List<Map<String, Object>> all = new ArrayList<>();
        boolean failed = false;
        Terminal terminal = new Terminal(spec.commandLine().getErr());
        for (Path file : files) {
            try {
                all.add(ClipReport.of(file, !quick, terminal));
            } catch (MediaException e) {
                failed = true;
                Map<String, Object> row = new LinkedHashMap<>();
                row.put("file", file.toString());
                row.put("error", e.getMessage());
                all.add(row);
                spec.commandLine().getErr().println(e.getMessage());
            }
        }
        spec.commandLine().getOut().println(MAPPER.writeValueAsString(all.size() == 1 ? all.getFirst() : all));
        return failed ? 1 : 0;
    }
}
