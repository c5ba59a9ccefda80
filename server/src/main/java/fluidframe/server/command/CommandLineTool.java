package fluidframe.server.command;

import fluidframe.server.check.CheckCommand;
import fluidframe.server.refusal.NotFoundException;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Everything that is done from the command line; each command says its own help with {@code --help}. */
@Command(
        name = "./run",
        description = "What can be done with a studio from the command line.",
        mixinStandardHelpOptions = true,
        subcommands = {
            CommandLineTool.Check.class,
            BackupCommand.class,
            RestoreCommand.class,
            ExportCommand.class,
            PassphraseCommand.class
        })
public final class CommandLineTool {
    /** Done. */
    static final int DONE = 0;

    /** What was named cannot be used as it was named, or a file cannot be read. */
    static final int WRONG = 2;

    /** The data folder cannot be taken, or the disk refused. */
    static final int REFUSED = 4;

    private CommandLineTool() {}

    /** Does what the arguments say, if they begin with the name of a command; answers its exit code. */
    public static Optional<Integer> run(String... arguments) {
        CommandLine tool = new CommandLine(new CommandLineTool());
        if (arguments.length == 0 || !tool.getSubcommands().containsKey(arguments[0])) return Optional.empty();
        return Optional.of(tool.setExecutionExceptionHandler((e, line, parsed) -> failed(e, line.getErr()))
                .execute(arguments));
    }

    private static int failed(Exception e, PrintWriter err) {
        err.println(e.getMessage() == null ? e.toString() : e.getMessage());
        return e instanceof IllegalArgumentException || e instanceof NotFoundException ? WRONG : REFUSED;
    }

    @Command(
            name = "check",
            description = "Says what the rules find in charts and which joins of routines do not hold.",
            mixinStandardHelpOptions = true,
            exitCodeListHeading = "Exit codes:%n",
            exitCodeList = {"0:nothing is broken", "1:something is broken", "2:a file cannot be read, or none was named"
            })
    static final class Check implements Callable<Integer> {
        @Option(names = "--json", description = "Answer as JSON.")
        private boolean json;

        @Parameters(
                paramLabel = "FILE",
                arity = "0..*",
                description = "Figures, routines, songs, events and lists in the open format, YAML or JSON.")
        private List<String> files = new ArrayList<>();

        @Override
        public Integer call() {
            List<String> arguments = new ArrayList<>(files);
            if (json) arguments.add(0, "--json");
            return new CheckCommand(System.out, System.err).run(arguments);
        }
    }
}
