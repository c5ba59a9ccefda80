package fluidframe.library.list;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.link.Repertoire;
import fluidframe.library.shipped.ShippedLibrary;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/** docs/coverage.md is written from the library itself; this holds it to it. */
class CoveragePageTest {
    private static final Path PAGE = Path.of("../docs/coverage.md");

    @Test
    void saysWhatIsCharted() throws IOException {
        String page = page(Coverage.of(ListFormat.starter(), Repertoire.of(ShippedLibrary.load())));
        if (Boolean.getBoolean("rules.write")) Files.writeString(PAGE, page);
        assertThat(Files.readString(PAGE))
                .as("docs/coverage.md is behind the library; write it anew with: ./run generate")
                .isEqualTo(page);
    }

    private static String page(List<Coverage.OfDance> dances) {
        StringBuilder page = new StringBuilder("# Coverage of the shipped library\n\n"
                + "Generated from the charts by `./run generate`; do not edit. Levels are those of the starter list, "
                + "which gives way to the reader's own organisation. Customary pairs are neighbours that charts name; "
                + "in brackets those that do not compute as a link.\n\n"
                + "| dance | bronze | silver | gold | rows | doubtful | options | variants | parts | customary pairs |\n"
                + "|---|---|---|---|---|---|---|---|---|---|\n");
        for (Coverage.OfDance dance : dances) {
            page.append("| ").append(dance.dance().title());
            for (String level : List.of("Bronze", "Silver", "Gold")) {
                page.append(" | ")
                        .append(dance.levels().stream()
                                .filter(of -> of.level().equals(level))
                                .findFirst()
                                .map(of -> of.charted() + " of " + of.listed())
                                .orElse(""));
            }
            page.append(String.format(
                    " | %d | %d | %d | %d | %d | %d%s |%n",
                    dance.rows(),
                    dance.doubtfulRows(),
                    dance.options(),
                    dance.variants(),
                    dance.parts(),
                    dance.pairs(),
                    dance.agreeing() == dance.pairs() ? "" : " (" + (dance.pairs() - dance.agreeing()) + ")"));
        }
        page.append("\n## Figures with rows of which the charter was not sure\n\n");
        dances.stream()
                .filter(dance -> !dance.doubtfulFigures().isEmpty())
                .forEach(dance -> page.append("- ")
                        .append(dance.dance().title())
                        .append(": ")
                        .append(String.join(", ", dance.doubtfulFigures()))
                        .append('\n'));
        page.append("\n## On the list and not charted yet\n\n");
        dances.forEach(dance -> dance.levels().stream()
                .filter(of -> !of.missing().isEmpty())
                .forEach(of -> page.append("- ")
                        .append(dance.dance().title())
                        .append(", ")
                        .append(of.level().toLowerCase())
                        .append(": ")
                        .append(String.join(", ", of.missing()))
                        .append('\n')));
        return page.toString();
    }
}
