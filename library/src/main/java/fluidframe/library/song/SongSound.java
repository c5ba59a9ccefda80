package fluidframe.library.song;

import fluidframe.core.band.Band;
import fluidframe.core.band.Rendering;
import fluidframe.core.count.Dance;
import fluidframe.core.music.Song;
import fluidframe.library.shipped.Bands;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Comparator;
import java.util.Map;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/** Songs as sound: played by the house band, for whoever has no recording of them. */
public final class SongSound {
    private static final Map<Dance, Band> BANDS = Bands.load();

    private SongSound() {}

    /**
     * A song as a WAV file, played as the dance of its metre whose tempo is nearest to its first.
     *
     * @throws IllegalArgumentException if no dance has its metre, or it lasts more than twelve minutes
     */
    public static byte[] write(Song song) {
        double tempo = song.tempos().get(0).barsPerMinute();
        Band band = BANDS.values().stream()
                .filter(one -> one.dance().beatsPerBar() == song.beatsPerBar())
                .min(Comparator.comparingDouble((Band one) -> away(one.dance(), tempo))
                        .thenComparing(one -> one.dance().ordinal()))
                .orElseThrow(() -> new IllegalArgumentException("\"" + song.name() + "\" has " + song.beatsPerBar()
                        + " beats a bar, and no dance of the house band has: it plays 2, 3 or 4"));
        return wave(Rendering.of(band, song).samples());
    }

    /** By what factor a tempo is beyond those of a dance; 1 within them. */
    private static double away(Dance dance, double tempo) {
        return Math.max(1, Math.max(dance.slowestBarsPerMinute() / tempo, tempo / dance.fastestBarsPerMinute()));
    }

    /** One channel of samples from -1 to 1, at {@link Rendering#RATE}, as a WAV file of 16 bits. */
    public static byte[] wave(float[] samples) {
        ByteBuffer bytes = ByteBuffer.allocate(samples.length * Short.BYTES).order(ByteOrder.LITTLE_ENDIAN);
        for (float sample : samples) {
            bytes.putShort((short) Math.round(Math.max(-1, Math.min(1, sample)) * Short.MAX_VALUE));
        }
        AudioFormat format = new AudioFormat(Rendering.RATE, Short.SIZE, 1, true, false);
        try (AudioInputStream sound =
                new AudioInputStream(new ByteArrayInputStream(bytes.array()), format, samples.length)) {
            ByteArrayOutputStream wave = new ByteArrayOutputStream();
            AudioSystem.write(sound, AudioFileFormat.Type.WAVE, wave);
            return wave.toByteArray();
        } catch (IOException e) {
            throw new IllegalStateException("Samples in memory can be written as a WAV file", e);
        }
    }
}
