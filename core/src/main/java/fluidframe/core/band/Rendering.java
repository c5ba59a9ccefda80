package fluidframe.core.band;

import fluidframe.core.music.Recorded;
import fluidframe.core.music.Song;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * The house band played into samples, so that there are recordings of which the place of every beat is known. Plain sounds, the same
 * every time.
 */
public final class Rendering {
    /** Samples a second. */
    public static final int RATE = 22_050;

    /** Seconds before the first beat and after the last. */
    public static final double LEAD = 0.7;

    private static final double TAIL = 1.5;
    private static final int OVERTONES = 6;
    private static final double A_HERTZ = 440;
    private static final int A_PITCH = 69;
    private static final double RELEASE = 0.08;
    private static final double LOUD = 0.3;
    private static final double LEVEL = 0.8;
    private static final int SEED = 7;

    /**
     * How a bar is played.
     *
     * @param bar of the band's phrase, from 0
     * @param transposed by so many half tones
     * @param loud 1 as usual
     * @param drums whether what is struck plays along
     */
    public record Shade(int bar, int transposed, double loud, boolean drums) {
        private static final int[] KEYS = {0, 5, -3, 7, 2};

        /** As a song has it: parts of the same name alike, the introduction and the ending softer and without drums. */
        static List<Shade> of(Song song) {
            List<String> names = new ArrayList<>();
            List<Shade> shades = new ArrayList<>();
            for (Song.Section section : song.sections()) {
                if (!names.contains(section.name())) names.add(section.name());
                int key = KEYS[names.indexOf(section.name()) % KEYS.length];
                boolean dance = section.kind() == Song.Kind.DANCE;
                for (int bar = 0; bar < section.bars(); bar++) {
                    shades.add(new Shade(bar, dance ? key : 0, dance ? 1 : 0.45, dance));
                }
            }
            return shades;
        }
    }

    private final float[] samples;
    private final List<Double> beats;
    private final Random random = new Random(SEED);

    /**
     * Plays bars.
     *
     * @param beats where they are, in seconds, the first of them a one; one more than is played
     * @param bars how each is played
     */
    public Rendering(Band band, List<Double> beats, List<Shade> bars) {
        this.beats = List.copyOf(beats);
        samples = new float[(int) ((beats.get(beats.size() - 1) + TAIL) * RATE)];
        int perBar = band.dance().beatsPerBar();
        List<Note> phrase = band.phrase();
        int phraseBars = band.phraseBeats() / perBar;
        for (int bar = 0; bar < bars.size(); bar++) {
            Shade shade = bars.get(bar);
            double written = (double) Math.floorMod(shade.bar(), phraseBars) * perBar;
            for (Note note : phrase) {
                // What comes early in a bar is written within the one before.
                if (note.beat() < written || note.beat() >= written + perBar) continue;
                if (!shade.drums() && !note.instrument().isPitched()) continue;
                double from = bar * perBar + note.beat() - written;
                double until = from + Math.max(0.05, note.length());
                play(note, shade, at(from), at(until) - at(from));
            }
        }
    }

    /**
     * A song from its first bar to its last, as loud as it may be without noise.
     *
     * @throws IllegalArgumentException if it is counted otherwise than the dance, or lasts more than twelve minutes
     */
    public static Rendering of(Band band, Song song) {
        int perBar = song.beatsPerBar();
        if (band.dance().beatsPerBar() != perBar) {
            throw new IllegalArgumentException("\"" + song.name() + "\" has " + perBar + " beats a bar and "
                    + band.dance().title() + " is counted in " + band.dance().beatsPerBar() + ": choose another dance");
        }
        if (song.lengthSeconds() > Recorded.MOST_SECONDS) {
            throw new IllegalArgumentException("\"" + song.name() + "\" lasts " + Math.round(song.lengthSeconds())
                    + " seconds, and the band plays at most " + Recorded.MOST_SECONDS
                    + ": make it shorter or quicker");
        }
        List<Double> beats = new ArrayList<>();
        for (int beat = 0; beat <= song.bars() * perBar; beat++) beats.add(LEAD + song.seconds(beat / (double) perBar));
        Rendering played = new Rendering(band, beats, Shade.of(song));
        double most = 1e-9;
        for (float sample : played.samples) most = Math.max(most, Math.abs(sample));
        for (int i = 0; i < played.samples.length; i++) played.samples[i] *= (float) (LEVEL / most);
        return played;
    }

    /** The sound, one channel; not copied. */
    public float[] samples() {
        return samples;
    }

    /** Where the beats are, in seconds. */
    public List<Double> beats() {
        return beats;
    }

    private double at(double beat) {
        int whole = Math.max(0, Math.min((int) Math.floor(beat), beats.size() - 2));
        double length = beats.get(whole + 1) - beats.get(whole);
        return beats.get(whole) + (beat - whole) * length;
    }

    /** Adds a note that is held for so many seconds. */
    public void play(Note note, Shade shade, double second, double length) {
        int from = (int) Math.round(second * RATE);
        boolean pitched = note.instrument().isPitched();
        double ring = pitched ? length + RELEASE : 5 * decay(note.instrument());
        for (int i = 0; i < ring * RATE; i++) {
            if (from + i < 0 || from + i >= samples.length) continue;
            double t = i / (double) RATE;
            double sound = pitched ? tone(note, shade.transposed(), t, length) : struck(note.instrument(), t);
            samples[from + i] += (float) (sound * note.loud() * shade.loud() * LOUD);
        }
    }

    private static double tone(Note note, int transposed, double t, double length) {
        double hertz = A_HERTZ * Math.pow(2, (note.pitch() + transposed - A_PITCH) / 12.0);
        double attack = attack(note.instrument());
        double release = t > length ? Math.max(0, 1 - (t - length) / RELEASE) : 1;
        double sum = 0;
        for (int over = 1; over <= OVERTONES; over++) {
            sum += Math.sin(2 * Math.PI * hertz * over * t) / (0.7 * over * over + 0.3);
        }
        return sum * Math.min(1, t / attack) * release * Math.exp(-t / (attack > 0.01 ? 5 : 0.7));
    }

    private static double attack(Instrument instrument) {
        return switch (instrument) {
            case STRINGS -> 0.06;
            case REED, BRASS -> 0.025;
            default -> 0.006;
        };
    }

    private static double decay(Instrument instrument) {
        return switch (instrument) {
            case KICK, SURDO, CONGA_LOW -> 0.12;
            case RIDE, CYMBAL -> 0.25;
            case HAT, SHAKER, CLAVES, BLOCK, CASTANETS -> 0.03;
            default -> 0.07;
        };
    }

    private double struck(Instrument instrument, double t) {
        double hertz = switch (instrument) {
            case KICK -> 60;
            case SURDO -> 75;
            case CONGA_LOW -> 160;
            case CONGA_HIGH -> 220;
            case BELL -> 800;
            case BLOCK -> 1200;
            case CLAVES -> 2400;
            default -> 0;
        };
        double sound = hertz > 0 ? 1.2 * Math.sin(2 * Math.PI * hertz * t) : 0.7 * random.nextGaussian();
        return sound * Math.exp(-t / decay(instrument));
    }
}
