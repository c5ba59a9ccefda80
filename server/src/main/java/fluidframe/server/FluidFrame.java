package fluidframe.server;

import fluidframe.server.check.CheckCommand;
import java.util.Arrays;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the application, or with {@code check FILE...} checks charts and exits without opening a port or a database. */
@SpringBootApplication
public class FluidFrame {
    public static void main(String[] args) {
        if (args.length > 0 && args[0].equals("check")) {
            System.exit(new CheckCommand(System.out, System.err)
                    .run(Arrays.asList(args).subList(1, args.length)));
        }
        SpringApplication.run(FluidFrame.class, args);
    }
}
