package fluidframe.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WholeFileTest {
    private static final int LENGTH = 200_000;

    @TempDir
    private Path folder;

    private List<String> names() throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            return all.map(file -> file.getFileName().toString()).toList();
        }
    }

    @Test
    void writersOfOneFileDoNotMeetAndReadersSeeOnlyWholes() throws Exception {
        Path file = folder.resolve("one");
        List<CompletableFuture<Void>> writers = new ArrayList<>();
        for (int who = 0; who < 8; who++) {
            byte[] mine = new byte[LENGTH];
            Arrays.fill(mine, (byte) (who + 1));
            writers.add(CompletableFuture.runAsync(() -> {
                try {
                    for (int round = 0; round < 10; round++) {
                        WholeFile.write(file, to -> Files.write(to, mine));
                        byte[] read = Files.readAllBytes(file);
                        assertThat(read).hasSize(LENGTH);
                        byte[] whole = new byte[LENGTH];
                        Arrays.fill(whole, read[0]);
                        assertThat(read).isEqualTo(whole);
                    }
                } catch (IOException e) {
                    throw new IllegalStateException(e);
                }
            }));
        }
        for (CompletableFuture<Void> writer : writers) writer.join();
        assertThat(names()).containsExactly("one");
    }

    @Test
    void whatFailsLeavesWhatWasThereAndWhatAKillLeftIsTidied() throws IOException {
        Path file = folder.resolve("one");
        WholeFile.write(file, to -> Files.writeString(to, "before"));
        assertThatThrownBy(() -> WholeFile.write(file, to -> {
                    Files.writeString(to, "half");
                    throw new IOException("No space left on device");
                }))
                .hasMessage("No space left on device");
        assertThat(Files.readString(file)).isEqualTo("before");
        assertThat(names()).containsExactly("one");
        Files.writeString(folder.resolve("one.0.part"), "half");
        WholeFile.tidy(folder);
        assertThat(names()).containsExactly("one");
        WholeFile.tidy(folder.resolve("none"));
    }
}
