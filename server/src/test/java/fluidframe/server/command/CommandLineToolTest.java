package fluidframe.server.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CommandLineToolTest {
    @TempDir
    private Path folder;

    private final PrintStream out = System.out;
    private final PrintStream err = System.err;
    private final ByteArrayOutputStream said = new ByteArrayOutputStream();

    @BeforeEach
    void listen() {
        PrintStream to = new PrintStream(said, true, StandardCharsets.UTF_8);
        System.setOut(to);
        System.setErr(to);
    }

    @AfterEach
    void stopListening() {
        System.setOut(out);
        System.setErr(err);
    }

    private String said() {
        return said.toString(StandardCharsets.UTF_8);
    }

    @Test
    void everyCommandSaysItsHelpAndItsExitCodes() {
        for (String command : List.of("check", "backup", "restore", "export")) {
            said.reset();
            assertThat(CommandLineTool.run(command, "--help")).contains(0);
            assertThat(said()).contains("./run " + command, "Exit codes:", "2 ");
        }
    }

    @Test
    void whatIsNoCommandStartsTheApplication() {
        assertThat(CommandLineTool.run()).isEqualTo(Optional.empty());
        assertThat(CommandLineTool.run("--fluidframe.port=1")).isEqualTo(Optional.empty());
    }

    @Test
    void whatCannotBeUsedAsItIsNamedIsSaidAndChangesNothing() throws Exception {
        String data = folder.resolve("none").toString();
        assertThat(CommandLineTool.run("restore", "--wrong")).contains(2);
        assertThat(CommandLineTool.run("restore", "--data", data, folder + "/none.zip"))
                .contains(2);
        assertThat(said()).contains("There is no file");
        Files.writeString(folder.resolve("text.zip"), "no zip");
        assertThat(CommandLineTool.run("restore", "--data", data, folder + "/text.zip"))
                .contains(2);
        assertThat(said()).contains("no backup of a studio");
        assertThat(CommandLineTool.run("backup", "--data", data)).contains(2);
        assertThat(said()).contains("There is no studio in");
        assertThat(CommandLineTool.run("export", "--data", data)).contains(2);
        assertThat(folder.resolve("none")).doesNotExist();
    }

    @Test
    void chartsAreCheckedAsBefore() throws Exception {
        Path file = folder.resolve("a.yaml");
        Files.writeString(file, "format: fluidframe/hat@1");
        assertThat(CommandLineTool.run("check", file.toString())).contains(2);
        assertThat(said()).contains("hat@1");
    }
}
