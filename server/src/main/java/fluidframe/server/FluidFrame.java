package fluidframe.server;

import fluidframe.server.command.CommandLineTool;
import fluidframe.server.store.DataFolder;
import fluidframe.server.store.StartRefused;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.Optional;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the application, or does one of the commands of {@link CommandLineTool} and ends. */
@SpringBootApplication
public class FluidFrame {
    /** Exit code of a start that was refused, with the reason on standard error. */
    public static final int REFUSED = 4;

    private static final String DATA = "--fluidframe.data=";
    private static final String FRESH = "--fluidframe.fresh=true";

    public static void main(String[] args) {
        CommandLineTool.run(args).ifPresent(System::exit);
        // A connection is asked whether it still leads to an open database each time it is handed out: after a full
        // disk the
        // database has closed itself, and is opened again with the next request.
        System.setProperty("com.zaxxer.hikari.aliveBypassWindowMs", "0");
        DataFolder folder = open(args);
        SpringApplication application = new SpringApplication(FluidFrame.class);
        application.addInitializers(context -> context.getBeanFactory().registerSingleton("dataFolder", folder));
        application.run(args);
    }

    private static DataFolder open(String[] args) {
        try {
            String data = argument(args, DATA).orElse("./data");
            return DataFolder.open(Path.of(data), Arrays.asList(args).contains(FRESH), Clock.systemDefaultZone());
        } catch (StartRefused | InvalidPathException e) {
            System.err.println(e.getMessage());
            System.exit(REFUSED);
            throw e;
        }
    }

    private static Optional<String> argument(String[] args, String name) {
        return Arrays.stream(args)
                .filter(arg -> arg.startsWith(name))
                .map(arg -> arg.substring(name.length()))
                .filter(value -> !value.isBlank())
                .reduce((first, last) -> last);
    }
}
