package fluidframe.core.music.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.count.Dance;
import fluidframe.core.music.Song;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Clicks in time with some out of time before or among them: what is not in time is told apart, and bars go on behind it. */
class InTimeTest {
    private static final int RATE = 22_050;
    private static final double APART = 60 / 120.0;
    private static final int PER_BAR = 4;

    private final Random random = new Random(5);
    private final float[] samples = new float[60 * RATE];
    private final List<Double> ones = new ArrayList<>();

    private void click(double second, boolean one) {
        int from = (int) (second * RATE);
        for (int i = 0; i < 1500 && from + i < samples.length; i++) {
            double t = i / (double) RATE;
            samples[from + i] +=
                    (float) ((one ? 0.9 : 0.4) * Math.sin(2 * Math.PI * (one ? 110 : 900) * t) * Math.exp(-t * 60));
        }
    }

    private double inTime(double from, int bars) {
        for (int beat = 0; beat < bars * PER_BAR; beat++) {
            double second = from + beat * APART;
            if (beat % PER_BAR == 0) ones.add(second);
            click(second, beat % PER_BAR == 0);
        }
        return from + bars * PER_BAR * APART;
    }

    private void freely(double from, double to) {
        for (double second = from; second < to; second += 0.3 + 1.2 * random.nextDouble()) click(second, false);
    }

    private Hearing heard() {
        return Hearing.of(new Recording(samples, RATE), Dance.FOXTROT, share -> {});
    }

    private static List<Double> onesOf(Heard heard) {
        return IntStream.range(0, heard.beats().size())
                .filter(beat -> (beat - heard.firstOne()) % PER_BAR == 0)
                .mapToObj(heard.beats()::get)
                .toList();
    }

    @Test
    void bar1IsTheFirstInTime() {
        freely(0.2, 8);
        inTime(8.4, 20);
        Hearing hearing = heard();
        double first = hearing.heard().beats().get(hearing.heard().firstOne());
        assertThat(first).isCloseTo(8.4, within(0.02));
        assertThat(onesOf(hearing.heard()).subList(0, 20))
                .allSatisfy(one ->
                        assertThat(ones).anySatisfy(played -> assertThat(one).isCloseTo(played, within(0.02))));
    }

    @Test
    void barsGoOnBehindAPassageOutOfTimeWhereverItEnds() {
        double end = inTime(0.5, 10);
        // 4.7 bars later: no bar that goes on evenly would begin here.
        double again = end + 4.7 * PER_BAR * APART;
        freely(end + 0.2, again);
        inTime(again, 10);
        Hearing hearing = heard();
        List<Double> heard = onesOf(hearing.heard());
        for (double one : ones) {
            assertThat(heard).anySatisfy(own -> assertThat(own).isCloseTo(one, within(0.02)));
        }
        Song song = hearing.song("x", "x", 60).orElseThrow();
        assertThat(song.sections())
                .filteredOn(part -> part.name().equals("Out of time"))
                .singleElement()
                .satisfies(part -> assertThat(part.bars()).isBetween(4, 6));
        assertThat(song.sections().stream().mapToInt(Song.Section::bars).sum())
                .isEqualTo(song.recording().orElseThrow().bars(PER_BAR));
    }

    @Test
    void nothingOfWhatIsInTimeIsLeftOut() {
        inTime(0.5, 24);
        Hearing hearing = heard();
        assertThat(hearing.heard().beats().get(0)).isCloseTo(0.5, within(0.02));
        assertThat(hearing.sections()).noneMatch(part -> part.name().equals("Out of time"));
        assertThat(hearing.heard().sureOfBeats()).isGreaterThan(0.9);
    }

    /** Nobody plays the same twice: then nothing is in time, and what is heard is told as unsure, not left out. */
    @Test
    void aRecordingThatIsNeverInTimeIsUnsure() {
        freely(0.2, 55);
        assertThat(heard().heard().sureOfBeats()).isLessThan(0.7);
    }
}
