package fluidframe.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * What has been acknowledged survives a kill -9: with eight people saving every kind of document at once and one
 * taking in recordings, after pauses longer
 * than the database keeps dead data, and on a processor that is busy with something else. {@code -Dsurvival.kills=60} kills
 * more often.
 */
class SurvivalIT {
    private static final int KILLS = Integer.getInteger("survival.kills", 6);
    private static final int SAVES_A_ROUND = Integer.getInteger("survival.saves", 60);
    private static final int FEW = 6;

    /** How long dead data is kept, shortened from 45 s so that a test sees its space used again. */
    private static final long RETENTION_MILLISECONDS = 100;

    private static final long LARGEST_BYTES = 60L << 20;

    @TempDir
    private Path data;

    @Test
    void keepsEveryAcknowledgedSaveThroughKills() throws Exception {
        Writers writers = new Writers();
        SoundSender sounds = new SoundSender();
        Random random = new Random(5);
        List<String> more = List.of("--spring.datasource.url=jdbc:h2:file:" + data
                + "/fluidframe;WRITE_DELAY=0;TRACE_LEVEL_FILE=0;RETENTION_TIME=" + RETENTION_MILLISECONDS);
        try (RunningApp first = RunningApp.start(data, List.of(), more)) {
            writers.meet(first);
            writers.writeAndKill(first, SAVES_A_ROUND);
        }
        int starved = 0;
        for (int round = 1; round < KILLS; round++) {
            try (RunningApp app = RunningApp.start(data, List.of(), more)) {
                assertThat(writers.lost(app)).as("after kill %d", round).isEmpty();
                sounds.assertWhole(data.resolve("recordings"));
                sounds.sendUntilGone(app);
                boolean busy = round % 5 == 0 && starve(app);
                if (busy) starved++;
                if (round % 3 == 0) {
                    TimeUnit.MILLISECONDS.sleep(4 * RETENTION_MILLISECONDS + random.nextInt(300));
                    writers.saveAFewAndKill(app, FEW);
                } else {
                    writers.writeAndKill(app, SAVES_A_ROUND * 3 / 2 + random.nextInt(40));
                }
            }
        }
        try (RunningApp app = RunningApp.start(data, List.of(), more)) {
            assertThat(writers.lost(app)).as("after the last kill").isEmpty();
            assertThat(writers.refused()).isEmpty();
            sounds.assertWhole(data.resolve("recordings"));
            assertThat(sounds.acknowledged()).isPositive();
            assertThat(app.send("GET", "/api/studio/notices", null).body()).isEqualTo("[]");
            System.out.printf(
                    "%d kills (%d on a busy processor), %d saves acknowledged, 0 lost; a save took %.1f ms (median), %.1f ms"
                            + " (95th) among %d; the file has %d kB%n",
                    KILLS,
                    starved,
                    writers.acknowledged(),
                    writers.milliseconds(0.5),
                    writers.milliseconds(0.95),
                    Writers.MANY,
                    Files.size(data.resolve("fluidframe.mv.db")) / 1024);
            assertThat(writers.acknowledged()).isGreaterThan(KILLS * SAVES_A_ROUND * 4 / 5);
            assertThat(Files.size(data.resolve("fluidframe.mv.db"))).isLessThan(LARGEST_BYTES);
            assertThat(app.send("GET", "/figures/waltz.whisk", null).body()).contains("<title>Fluid Frame</title>");
        }
    }

    /** Holds the server to one processor on which two loops run that end by themselves; false where that cannot be done. */
    private static boolean starve(RunningApp app) throws IOException, InterruptedException {
        Process pinned = new ProcessBuilder("taskset", "-acp", "0", String.valueOf(app.pid()))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        if (pinned.waitFor() != 0) return false;
        for (int i = 0; i < 2; i++) {
            new ProcessBuilder("timeout", "6", "taskset", "-c", "0", "sh", "-c", "while :; do :; done").start();
        }
        return true;
    }
}
