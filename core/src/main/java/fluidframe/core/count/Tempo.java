package fluidframe.core.count;

/**
 * The speed of the music.
 *
 * @param barsPerMinute 1 to 120
 * @param beatsPerBar 1 to 12
 */
public record Tempo(double barsPerMinute, int beatsPerBar) {
    public Tempo {
        if (!(barsPerMinute >= 1 && barsPerMinute <= 120)) {
            throw new IllegalArgumentException("Tempo must be from 1 to 120 bars a minute, but was " + barsPerMinute);
        }
        if (beatsPerBar < 1 || beatsPerBar > 12) {
            throw new IllegalArgumentException("A bar must have 1 to 12 beats, but had " + beatsPerBar);
        }
    }

    public double beatsPerMinute() {
        return barsPerMinute * beatsPerBar;
    }
}
