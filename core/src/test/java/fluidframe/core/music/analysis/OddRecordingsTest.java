package fluidframe.core.music.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.count.Dance;
import fluidframe.core.music.Recorded;
import fluidframe.core.music.Song;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Whatever is dropped in is heard to its end: it makes a song that holds together, or none. */
class OddRecordingsTest {
    private static final int RATE = 22_050;
    private static final Dance[] DANCES = {Dance.WALTZ, Dance.SAMBA, Dance.JIVE, Dance.PASO_DOBLE};

    /** Stretches of noise, of clicks in time and out of it, of one tone and of nothing, as long as chance has it. */
    private static Recording odd(Random random, double seconds) {
        float[] samples = new float[(int) (seconds * RATE)];
        int from = 0;
        while (from < samples.length) {
            int to = Math.min(samples.length, from + RATE + random.nextInt(12 * RATE));
            int kind = random.nextInt(5);
            int apart = RATE / (1 + random.nextInt(5));
            for (int i = from; i < to; i++) {
                if (kind == 0) samples[i] = (float) (0.3 * random.nextGaussian());
                else if (kind == 1) samples[i] = (i - from) % apart < 300 ? 0.9f : 0;
                else if (kind == 2) samples[i] = random.nextInt(RATE / 2) == 0 ? 1 : 0;
                else if (kind == 3) samples[i] = (float) Math.sin(i * 0.05);
            }
            from = to;
        }
        return new Recording(samples, RATE);
    }

    @Test
    void areHeardToTheirEnd() {
        Random random = new Random(31);
        int songs = 0;
        for (int i = 0; i < 60; i++) {
            Dance dance = DANCES[i % DANCES.length];
            Recording recording = odd(random, 0.2 + random.nextInt(i % 10 == 0 ? 200 : 40));
            Optional<Song> song = Hearing.of(recording, dance, share -> {}).song("x", "x", recording.seconds());
            if (song.isEmpty()) continue;
            songs++;
            Recorded recorded = song.get().recording().orElseThrow();
            assertThat(song.get().bars()).isEqualTo(recorded.bars(dance.beatsPerBar()));
            assertThat(song.get().sections()).hasSizeLessThanOrEqualTo(60);
        }
        assertThat(songs).isGreaterThan(30);
    }
}
