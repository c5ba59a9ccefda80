package fluidframe.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PagesTest {
    private static final Path ROUTES = Path.of("../web/src/routes");

    @Test
    void knowsTheFrontEndsRoutes() throws IOException {
        try (Stream<Path> pages = Files.walk(ROUTES)) {
            List<String> found = pages.filter(page -> page.endsWith("+page.svelte"))
                    .map(page -> ROUTES.relativize(page.getParent()).toString())
                    .filter(route -> !route.isEmpty())
                    .sorted()
                    .toList();
            List<String> known = Stream.of(
                            Pages.PLACES.stream(),
                            Pages.WITH_THINGS.stream().map(place -> place + "/[id]"),
                            Pages.OF_A_THING.entrySet().stream()
                                    .map(page -> page.getKey() + "/[id]/" + page.getValue()),
                            Stream.of("print/[what]/[id]", "shared/[kind]/[id]"))
                    .flatMap(kind -> kind)
                    .sorted()
                    .toList();
            assertThat(known).isEqualTo(found);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/",
                "/figures",
                "/figures/waltz.whisk",
                "/songs/5/",
                "/routines/5/sheet",
                "/print/part/5",
                "/shared",
                "/shared/practice/5",
                "/mark.svg"
            })
    void servesPagesAndFiles(String path) {
        assertThat(Pages.isOne(path)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/nothing",
                "/figures/a/b",
                "/rules/5",
                "/figures/a/b/c",
                "/figures/a/sheet",
                "/routines/5/song",
                "/print/hat/5",
                "/shared/lesson/5"
            })
    void saysThatThereIsNoSuchPage(String path) {
        assertThat(Pages.isOne(path)).isFalse();
        assertThat(Pages.isPageOrUnknown(path.substring(1))).isTrue();
    }
}
