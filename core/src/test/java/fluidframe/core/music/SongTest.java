package fluidframe.core.music;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.TestChart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Dance;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.RoutineWork;
import java.util.List;
import org.junit.jupiter.api.Test;

class SongTest {
    private static final List<Song.Section> PARTS = List.of(
            new Song.Section("Opening", 2, Song.Kind.INTRODUCTION),
            new Song.Section("Verse", 3, Song.Kind.DANCE),
            new Song.Section("Close", 3, Song.Kind.ENDING));

    private static Song song(Song.TempoMark... tempos) {
        return new Song("Lantern", 3, 8, PARTS, List.of(tempos), List.of(new Song.Accent(4, 1), new Song.Accent(5, 2)));
    }

    private static final Song STEADY = song(new Song.TempoMark(1, 30));

    private final Repertoire repertoire = Repertoire.of(List.of(
            TestChart.naturalTurn().follows("closed-change").chart(),
            TestChart.closedChange().chart()));

    private RoutineWork work() {
        return RoutineWork.of(
                Dance.WALTZ,
                List.of(
                        new PlacedFigure("natural-turn", FigureUse.WHOLE, false),
                        new PlacedFigure("closed-change", FigureUse.WHOLE, false)),
                repertoire);
    }

    @Test
    void countsItsTimeThroughChangesOfTempo() {
        assertThat(STEADY.seconds(0)).isZero();
        assertThat(STEADY.lengthSeconds()).isCloseTo(16, within(1e-9));
        Song broad = song(new Song.TempoMark(6, 20), new Song.TempoMark(1, 30));
        assertThat(broad.seconds(5)).isCloseTo(10, within(1e-9));
        assertThat(broad.lengthSeconds()).isCloseTo(10 + 9, within(1e-9));
        assertThat(broad.played(1, 5).getMin()).isEqualTo(30);
        assertThat(broad.played(3, 4).getMin()).isEqualTo(20);
        assertThat(broad.played(6, 1).getMax()).isEqualTo(20);
        assertThat(broad.beginnings()).containsExactly(1, 3, 6);
        assertThat(broad.danceBar()).isEqualTo(3);
    }

    @Test
    void saysWhereEachFigureFallsAndWhichSectionItMeets() {
        SongFit fit = SongFit.of(work(), STEADY, 3);
        assertThat(fit.falls().get(1).bar()).isEqualTo(5);
        assertThat(fit.falls().get(1).seconds()).isCloseTo(8, within(1e-9));
        assertThat(fit.falls().get(1).section()).isEqualTo(1);
        assertThat(fit.meetings()).singleElement().matches(SongFit.Meeting::meets);
        assertThat(fit.spareBars()).isEqualTo(3);
        assertThat(fit.accents()).extracting(SongFit.Struck::block).containsExactly(0, 1);
        assertThat(fit.accents()).noneMatch(SongFit.Struck::begins);
    }

    @Test
    void saysHowFarAFigureRunsIntoASectionAndBeyondTheEnd() {
        SongFit fit = SongFit.of(work(), STEADY, 5);
        assertThat(fit.meetings()).singleElement().satisfies(meeting -> {
            assertThat(meeting.section()).isEqualTo(2);
            assertThat(meeting.block()).isZero();
            assertThat(meeting.late()).hasToString("3");
        });
        assertThat(SongFit.of(work(), STEADY, 7).spareBars()).isEqualTo(-1);
    }

    @Test
    void refusesASongThatCannotBe() {
        assertThatThrownBy(() -> new Song("x", 7, 8, PARTS, STEADY.tempos(), List.of()))
                .hasMessage("A song must have 2 to 6 beats a bar, but has 7");
        assertThatThrownBy(() -> song()).hasMessageContaining("tempo from bar 1");
        assertThatThrownBy(() -> song(new Song.TempoMark(1, 30), new Song.TempoMark(9, 30)))
                .hasMessageContaining("within the song's 8 bars, but was at bar 9");
        assertThatThrownBy(() -> song(new Song.TempoMark(1, 3))).hasMessageContaining("5 to 200 bars a minute");
        assertThatThrownBy(() -> song(new Song.TempoMark(1, 30), new Song.TempoMark(1, 31)))
                .hasMessage("Bar 1 must have one tempo, but has two");
        assertThatThrownBy(() -> new Song("x", 3, 8, PARTS, STEADY.tempos(), List.of(new Song.Accent(2, 4))))
                .hasMessageContaining("was at 2:4");
        assertThatThrownBy(() -> new Song(
                        "x", 3, 8, List.of(new Song.Section("A", 801, Song.Kind.DANCE)), STEADY.tempos(), List.of()))
                .hasMessageContaining("at most 800 bars, but has 801");
    }

    @Test
    void refusesASongCountedOtherwiseThanTheDance() {
        Song four = new Song("March", 4, 8, PARTS, STEADY.tempos(), List.of());
        assertThatThrownBy(() -> SongFit.of(work(), four, 1)).hasMessageContaining("4 beats a bar");
        assertThatThrownBy(() -> SongFit.of(work(), STEADY, 9)).hasMessageContaining("1 to 8");
    }
}
