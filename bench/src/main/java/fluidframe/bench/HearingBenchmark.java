package fluidframe.bench;

import fluidframe.core.band.Band;
import fluidframe.core.band.Rendering;
import fluidframe.core.band.Rendering.Shade;
import fluidframe.core.count.Dance;
import fluidframe.core.music.analysis.DanceLikeness;
import fluidframe.core.music.analysis.Hearing;
import fluidframe.core.music.analysis.Recording;
import fluidframe.library.shipped.Bands;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A recording of some minutes listened to, as one dance and against all. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 1, time = 5)
@Measurement(iterations = 4, time = 5)
public class HearingBenchmark {
    private static final int BEATS_A_MINUTE = 104;
    private static final int PER_BAR = 4;

    /** Of the recording. */
    @Param({"3", "12"})
    public int minutes;

    private final Map<Dance, Band> bands = Bands.load();
    private Recording recording;

    @Setup
    public void play() {
        int bars = minutes * BEATS_A_MINUTE / PER_BAR - 1;
        List<Double> beats = new ArrayList<>();
        List<Shade> shades = new ArrayList<>();
        for (int beat = 0; beat <= bars * PER_BAR; beat++) beats.add(Rendering.LEAD + beat * 60.0 / BEATS_A_MINUTE);
        for (int bar = 0; bar < bars; bar++) shades.add(new Shade(bar, bar / 16 % 2 * 5, 1, true));
        recording = new Recording(new Rendering(bands.get(Dance.RUMBA), beats, shades).samples(), Rendering.RATE);
    }

    @Benchmark
    public Object hear() {
        return Hearing.of(recording, Dance.RUMBA, share -> {});
    }

    @Benchmark
    public Object compareWithEveryDance() {
        return DanceLikeness.ranked(recording, bands.values());
    }
}
