package fluidframe.server;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** The command line of the packaged application. */
final class Command {
    /** What a command said and its exit code. */
    record Ended(int code, String said) {}

    private Command() {}

    static Ended run(String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(Unpacked.command());
        command.remove("-Dspring.aot.enabled=true");
        command.addAll(List.of(arguments));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Ended(process.waitFor(), said);
    }
}
