package fluidframe.core.band;

import fluidframe.core.count.Dance;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The band of a dance: a phrase that it repeats and an ending.
 *
 * @param cells of a beat in which its parts are written
 * @param swing where the middle of a beat falls, from 0.5 for even halves to 0.67 for a long and a short one
 * @param early how much sooner than written the second beat of a bar comes, in beats
 * @param level how much louder or softer than written all of it is, in decibels
 * @param harmony a chord for each bar of the phrase
 * @param parts of the phrase
 * @param cadence a chord for each bar of the ending
 * @param close parts of the ending, whose last bar is the last one danced
 */
public record Band(
        Dance dance,
        int cells,
        double swing,
        double early,
        double level,
        List<Chord> harmony,
        List<Part> parts,
        List<Chord> cadence,
        List<Part> close) {
    /** The lowest pitch of a bass, of a chord and of single tones. */
    private static final int LOW = 36;

    private static final int MIDDLE = 55;
    private static final int HIGH = 64;
    private static final int HALF_TONE = 1;
    private static final double SOFT = 0.5;
    private static final double USUAL = 0.75;

    public Band {
        harmony = List.copyOf(harmony);
        parts = List.copyOf(parts);
        cadence = List.copyOf(cadence);
        close = List.copyOf(close);
        for (Part part : parts) {
            if (harmony.size() % part.bars().size() != 0) {
                throw new IllegalArgumentException("The " + part.instrument() + " of the " + dance.title() + " plays "
                        + part.bars().size() + " bars, which do not go into a phrase of " + harmony.size());
            }
        }
        if (swing < 0.5 || swing > 0.75) {
            throw new IllegalArgumentException("The middle of a beat falls between 0.5 and 0.75, but was " + swing);
        }
    }

    /** Beats of the phrase. */
    public int phraseBeats() {
        return harmony.size() * dance.beatsPerBar();
    }

    /** Beats of the ending. */
    public int endingBeats() {
        return cadence.size() * dance.beatsPerBar();
    }

    /** The phrase, in order of time. */
    public List<Note> phrase() {
        return play(harmony, parts);
    }

    /** The ending, in order of time from its own first beat. */
    public List<Note> ending() {
        return play(cadence, close);
    }

    private List<Note> play(List<Chord> chords, List<Part> played) {
        List<Note> notes = new ArrayList<>();
        for (Part part : played) {
            for (int bar = 0; bar < chords.size(); bar++) {
                Chord chord = chords.get(bar);
                Chord next = chords.get((bar + 1) % chords.size());
                bar(part, bar, chord, next, notes);
            }
        }
        notes.sort(Comparator.comparingDouble(Note::beat).thenComparing(Note::instrument));
        return notes;
    }

    private void bar(Part part, int bar, Chord chord, Chord next, List<Note> notes) {
        String signs = part.bar(bar);
        Instrument who = part.instrument();
        for (int cell = 0; cell < signs.length(); cell++) {
            char sign = signs.charAt(cell);
            if (sign == '.' || sign == '-') continue;
            int held = cell + 1;
            while (held < signs.length() && signs.charAt(held) == '-') held++;
            double begins = beat(bar, cell);
            double length = who.isPitched() ? beat(bar, held) - begins : 0;
            double loud = sign == 'o' ? SOFT : sign == 'x' || Character.isDigit(sign) ? USUAL : 1;
            for (int pitch : pitches(who, sign, chord, next)) notes.add(new Note(begins, length, who, pitch, loud));
        }
    }

    private static int[] pitches(Instrument who, char sign, Chord chord, Chord next) {
        if (!who.isPitched()) return new int[] {0};
        if (who.isBass()) return new int[] {low(sign, chord, next)};
        return Character.isDigit(sign) ? new int[] {chord.tone(sign - '0', HIGH)} : chord.close(MIDDLE);
    }

    private static int low(char sign, Chord chord, Chord next) {
        int root = chord.rootFrom(LOW);
        switch (sign) {
            case 'T':
                return root + chord.step(1);
            case 'F':
                return root + chord.step(2);
            case 'S':
                return root + chord.step(3);
            case 'O':
                return root + chord.step(Integer.MAX_VALUE);
            case 'L':
                int fifth = root + chord.step(2);
                return fifth - LOW >= 12 ? fifth - 12 : fifth;
            case 'A':
                return next.rootFrom(LOW) - HALF_TONE;
            default:
                return root;
        }
    }

    /** The beat of a cell, swung within its beat; the second beat of a bar comes early where that is the manner. */
    private double beat(int bar, int cell) {
        int whole = cell / cells;
        double within = (double) (cell % cells) / cells;
        double swung = within <= 0.5 ? within * 2 * swing : swing + (within - 0.5) * 2 * (1 - swing);
        double sooner = whole == 1 ? early * (1 - within) : 0;
        return bar * dance.beatsPerBar() + whole + swung - sooner;
    }
}
