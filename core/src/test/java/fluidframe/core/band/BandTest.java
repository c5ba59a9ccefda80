package fluidframe.core.band;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fluidframe.core.count.Dance;
import java.util.List;
import org.junit.jupiter.api.Test;

class BandTest {
    private static Band jive(double swing, double early, Part... parts) {
        return new Band(
                Dance.JIVE,
                2,
                swing,
                early,
                0,
                List.of(Chord.parse("C"), Chord.parse("G7")),
                List.of(parts),
                List.of(Chord.parse("C")),
                List.of());
    }

    private static Part part(Instrument who, String cells) {
        return Part.parse(who, cells, 8);
    }

    @Test
    void aChordHasItsTonesFromAPitchUp() {
        assertThat(Chord.parse("C").close(60)).containsExactly(60, 64, 67);
        assertThat(Chord.parse("Bb7").close(55)).containsExactly(56, 58, 62, 65);
        assertThat(Chord.parse("F#m").rootFrom(36)).isEqualTo(42);
        assertThat(Chord.parse("C").tone(4, 60)).isEqualTo(72);
        assertThatThrownBy(() -> Chord.parse("H")).hasMessageContaining("letter from A to G");
        assertThatThrownBy(() -> Chord.parse("C11")).hasMessageContaining("C11");
    }

    @Test
    void aBassWalksByTheChordAndComesToTheNextFromBelow() {
        assertThat(jive(0.5, 0, part(Instrument.BASS, "R-T-F-A-")).phrase())
                .extracting(Note::pitch)
                .containsExactly(36, 40, 43, 42, 43, 47, 50, 35);
    }

    @Test
    void aHeldNoteLastsAndARestIsSilent() {
        List<Note> notes = jive(0.5, 0, part(Instrument.BASS, "R--.F...")).phrase();
        assertThat(notes).extracting(Note::length).containsExactly(1.5, 0.5, 1.5, 0.5);
        assertThat(notes).extracting(Note::beat).containsExactly(0.0, 2.0, 4.0, 6.0);
    }

    @Test
    void theMiddleOfABeatIsSwungAndTheBeatIsNot() {
        List<Note> notes = jive(0.75, 0, part(Instrument.RIDE, "x.xxx.xx")).phrase();
        assertThat(notes)
                .extracting(Note::beat)
                .startsWith(0.0, 1.0, 1.75, 2.0, 3.0, 3.75)
                .hasSize(12);
        assertThat(notes).allSatisfy(note -> assertThat(note.length()).isZero());
    }

    @Test
    void theSecondBeatMayComeEarly() {
        List<Note> notes = jive(0.5, 0.07, part(Instrument.SNARE, "..x.x...")).phrase();
        assertThat(notes.get(0).beat()).isCloseTo(0.93, within(1e-9));
        assertThat(notes.get(1).beat()).isEqualTo(2);
    }

    @Test
    void whatCannotBePlayedIsRefusedAtItsPlace() {
        assertThatThrownBy(() -> part(Instrument.SNARE, "x.x.x.x.|x.x"))
                .hasMessageContaining("Bar 2 of the snare has 3 cells, but must have 8");
        assertThatThrownBy(() -> part(Instrument.SNARE, "x.R.x.x.")).hasMessageContaining("bar 1 says \"R\"");
        assertThatThrownBy(() -> part(Instrument.BASS, "x.......")).hasMessageContaining("bass plays one of");
        assertThatThrownBy(() -> Instrument.parse("theremin")).hasMessageContaining("conga low");
        Part three = part(Instrument.HAT, "x.......|x.......|x.......");
        assertThatThrownBy(() -> jive(0.5, 0, three)).hasMessageContaining("3 bars");
        assertThatThrownBy(() -> jive(0.9, 0)).hasMessageContaining("0.9");
    }
}
