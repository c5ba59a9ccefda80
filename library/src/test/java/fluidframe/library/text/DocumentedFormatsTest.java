package fluidframe.library.text;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.library.exchange.Formats;
import fluidframe.library.figure.ChartFormat;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class DocumentedFormatsTest {
    @Test
    void theExamplesOfTheDocumentationAreRead() throws IOException {
        List<Format<?>> formats = Formats.ALL.stream()
                .filter(format -> format != ChartFormat.CHART)
                .toList();
        Pattern example = Pattern.compile("```yaml\\R(.*?)```", Pattern.DOTALL);
        Matcher examples = example.matcher(Files.readString(Path.of("../docs/formats.md")));
        for (Format<?> format : formats) {
            assertThat(examples.find()).isTrue();
            assertThat(format.read(examples.group(1)).problems()).isEmpty();
        }
        assertThat(examples.find()).isFalse();
    }

    /** {@code ./run generate} writes it anew. */
    @Test
    void thePageIsGeneratedFromTheSchemas() throws IOException {
        Path page = Path.of("../docs/formats.md");
        if (Boolean.getBoolean("formats.write")) Files.writeString(page, FormatsPage.text());
        assertThat(Files.readString(page)).isEqualTo(FormatsPage.text());
    }
}
