package fluidframe.bench.hearing;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.count.Dance;
import fluidframe.core.music.analysis.Hearing;
import fluidframe.library.shipped.Bands;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A few of what {@link HearingTable} hears all of: every metre, noisy and uneven, with an introduction and a passage out of time. */
class HearingTest {
    @ParameterizedTest
    @CsvSource({"WALTZ, 0.8, noise", "TANGO, 1.2, change", "SAMBA, 1, drift", "JIVE, 1, free", "RUMBA, 1, pause"})
    void hearsBeatsTempoOnesAndParts(Dance dance, double pace, String manner) {
        Trial trial = new Trial(dance, pace, manner);
        Trial.Told told = trial.told(trial.played());
        assertThat(told.beats()).isGreaterThanOrEqualTo(0.95);
        assertThat(told.extra()).isLessThanOrEqualTo(0.05);
        assertThat(told.off()).isLessThan(10);
        assertThat(told.tempo()).isTrue();
        assertThat(told.one()).isTrue();
        assertThat(told.borders()).isGreaterThanOrEqualTo(0.75);
        assertThat(told.dance()).isTrue();
    }

    @Test
    void hearsTheSameTwice() {
        HouseRecording played = new HouseRecording(
                Bands.load().get(Dance.RUMBA), 104, HouseRecording.bars(4), HouseRecording.Manner.PLAIN, 3);
        Hearing once = Hearing.of(played.recording(), Dance.RUMBA, share -> {});
        assertThat(once.heard().beats()).isNotEmpty();
        Hearing again = Hearing.of(played.recording(), Dance.RUMBA, share -> {});
        assertThat(again.heard()).isEqualTo(once.heard());
        assertThat(again.sections()).isEqualTo(once.sections());
        assertThat(again.accents()).isEqualTo(once.accents());
    }

    /** Beats that are not there and beats that are missing are counted by numbers, or the table says nothing. */
    @Test
    void countsBeatsMissedAndBeatsTooMany() {
        Trial trial = new Trial(Dance.WALTZ, 1, "plain");
        HouseRecording played = trial.played();
        List<Double> beats = played.beats();
        List<Double> half = beats.subList(0, beats.size() / 2);
        assertThat(trial.beats(played, beats)).isEqualTo(new Trial.Beats(1, 0, true));
        assertThat(trial.beats(played, half)).isEqualTo(new Trial.Beats(0.5, 0, true));
        List<Double> late = beats.stream().map(beat -> beat + 0.06).toList();
        assertThat(trial.beats(played, late).met()).isZero();
        List<Double> slow =
                beats.stream().filter(beat -> beats.indexOf(beat) % 2 == 0).toList();
        assertThat(trial.beats(played, slow)).isEqualTo(new Trial.Beats(0.5, 0, false));
    }
}
