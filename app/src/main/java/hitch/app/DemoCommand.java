package hitch.app;

import hitch.desk.HitchWindow;
import hitch.store.DataFolder;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;

@Command(
        name = "demo",
        description = "Opens a fresh copy of the demo job; the shipped one is never changed.",
        footer = {"", "Example:", "  ./hitch demo"},
        mixinStandardHelpOptions = true)
final class DemoCommand implements Callable<Integer>, OpensWindow {
    @Override
    public Integer call() throws Exception {
        WindowApp.open(HitchWindow.freshDemo(DataFolder.path()));
        return 0;
    }
}
