package fluidframe.library.song;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.count.Dance;
import fluidframe.core.music.Song;
import fluidframe.core.music.analysis.Hearing;
import fluidframe.core.music.analysis.Recording;
import java.io.ByteArrayInputStream;
import java.util.List;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;

class SongSoundTest {
    private static Song song(int beatsPerBar, int bars, double barsPerMinute) {
        return new Song(
                "Evening",
                beatsPerBar,
                8,
                List.of(new Song.Section("Verse", bars, Song.Kind.DANCE)),
                List.of(new Song.TempoMark(1, barsPerMinute)),
                List.of());
    }

    @Test
    void otherProgramsReadItAndItsTempoIsHeard() throws Exception {
        byte[] wave = SongSound.write(song(3, 16, 29));
        try (AudioInputStream sound = AudioSystem.getAudioInputStream(new ByteArrayInputStream(wave))) {
            int rate = (int) sound.getFormat().getSampleRate();
            byte[] bytes = sound.readAllBytes();
            assertThat(bytes.length / 2.0 / rate).isBetween(16 * 60 / 29.0, 16 * 60 / 29.0 + 3);
            float[] samples = new float[bytes.length / 2];
            for (int i = 0; i < samples.length; i++) {
                samples[i] = (short) (bytes[2 * i] & 255 | bytes[2 * i + 1] << 8) / 32768f;
            }
            Hearing heard = Hearing.of(new Recording(samples, rate), Dance.WALTZ, share -> {});
            assertThat(heard.heard().barsPerMinute()).isCloseTo(29, within(0.2));
        }
    }

    /** A quick three is a Viennese waltz and a slow one a waltz; they do not sound alike. */
    @Test
    void theBandIsTheOneOfTheTempo() {
        byte[] slow = SongSound.write(song(3, 8, 29));
        byte[] quick = SongSound.write(song(3, 16, 58));
        assertThat(slow.length).isCloseTo(quick.length, within(4));
        assertThat(slow).isNotEqualTo(quick);
    }

    @Test
    void refusesWhatNoBandPlaysAndWhatIsEndless() {
        assertThatThrownBy(() -> SongSound.write(song(5, 8, 20))).hasMessageContaining("5 beats a bar");
        assertThatThrownBy(() -> SongSound.write(song(4, 700, 20))).hasMessageContaining("at most 720");
    }
}
