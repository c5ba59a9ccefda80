package fluidframe.server.check;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.library.shipped.ShippedLibrary;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CheckCommandTest {
    @TempDir
    private Path folder;

    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    private int run(String... arguments) {
        PrintStream to = new PrintStream(out, true, StandardCharsets.UTF_8);
        return new CheckCommand(to, new PrintStream(err, true, StandardCharsets.UTF_8)).run(List.of(arguments));
    }

    private String file(String name, String from, String to) throws IOException {
        Path file = folder.resolve(name);
        Files.writeString(file, ShippedLibrary.text("waltz/natural-turn.yaml").replaceFirst(from, to));
        return file.toString();
    }

    @Test
    void isContentWithASoundFile() throws IOException {
        assertThat(run(file("sound.yaml", "x{9}", ""))).isZero();
        assertThat(out.toString()).contains("1 file, 0 findings, 0 broken");
    }

    @Test
    void saysWhereAndWhyAChartIsBroken() throws IOException {
        String file = file("broken.yaml", "turn: 1/4 R", "turn: 1/8 R");
        assertThat(run(file)).isEqualTo(1);
        assertThat(out.toString())
                .contains(file + ": broken [turn.matches-alignment, man 2] The man's step 2 is backing DC");
    }

    @Test
    void answersInJsonForOtherPrograms() throws IOException {
        String file = file("broken.yaml", "foot: L, place: side", "foot: R, place: side");
        assertThat(run("--json", file)).isEqualTo(1);
        JsonNode findings = new ObjectMapper().readTree(out.toString());
        assertThat(findings.isArray()).isTrue();
        assertThat(findings.get(0).fieldNames())
                .toIterable()
                .containsExactly("file", "rule", "severity", "role", "step", "message");
        assertThat(findings.findValuesAsText("rule")).contains("weight.feet-alternate", "partner.opposite-feet");
    }

    @Test
    void findsSlipsInVariantsToo() throws IOException {
        Path file = folder.resolve("variant.yaml");
        Files.writeString(
                file,
                ShippedLibrary.text("waltz/reverse-turn.yaml")
                        .replaceFirst("pointing DW, turn: \"1/4 L", "pointing DW, turn: \"1/8 L"));
        assertThat(run(file.toString())).isEqualTo(1);
        assertThat(out.toString()).contains("In the variant \"after-spin-turn\": The man's step 2");
    }

    @Test
    void findingsThatAreOnlyDoubtfulDoNotFail() throws IOException {
        assertThat(run(file("doubtful.yaml", "work: HT", "work: T"))).isZero();
        assertThat(out.toString()).contains("doubtful [footwork.forward-leads-with-heel, man 1]");
    }

    @Test
    void tellsFilesThatCannotBeReadFromBrokenOnes() throws IOException {
        assertThat(run(folder.resolve("none.yaml").toString())).isEqualTo(2);
        assertThat(run(file("bad.yaml", "foot: R", "foot: Q"))).isEqualTo(2);
        Files.write(folder.resolve("binary"), new byte[] {(byte) 0xff, (byte) 0xfe, 0});
        assertThat(run(folder.resolve("binary").toString())).isEqualTo(2);
        assertThat(run(folder.toString())).isEqualTo(2);
        assertThat(err.toString())
                .contains("does not exist", "bad.yaml: line ", "is not UTF-8 text")
                .doesNotContain("Exception");
    }

    @Test
    void tellsHowItIsUsed() {
        assertThat(run()).isEqualTo(2);
        assertThat(run("--loud", "x.yaml")).isEqualTo(2);
        assertThat(err.toString()).contains("Usage: check [--json] FILE...", "Unknown option --loud");
    }
}
