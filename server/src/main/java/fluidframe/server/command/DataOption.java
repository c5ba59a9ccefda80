package fluidframe.server.command;

import java.nio.file.Path;
import picocli.CommandLine.Option;

/** Where the studio lies that a command is about. */
final class DataOption {
    @Option(
            names = "--data",
            paramLabel = "DIR",
            defaultValue = "${sys:fluidframe.data:-data}",
            description = "Where the studio lies (${DEFAULT-VALUE}).")
    private Path folder;

    Path folder() {
        return folder;
    }
}
