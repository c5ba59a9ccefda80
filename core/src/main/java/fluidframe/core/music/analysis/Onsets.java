package fluidframe.core.music.analysis;

/**
 * How strongly something begins at every hundredth of a second: the growth of the spectrum in bands as wide as an ear's, on a scale
 * of loudness, against what is usual thereabouts.
 */
final class Onsets {
    static final int PER_SECOND = 100;

    private static final int PIECE = 1024;
    private static final int BANDS = 36;
    private static final double LOWEST_HERTZ = 40;
    private static final double HIGHEST_HERTZ = 9000;
    /** Bands below this carry drums and bass. */
    private static final double BASS_HERTZ = 220;

    private static final double LOUDNESS = 300;
    /** Against how many steps before a growth is measured. */
    private static final int BEFORE = 2;
    /** What is usual is taken from so many steps to both sides. */
    private static final int USUAL = 40;
    /** By so much later a piece is heard, so that an attack stands on average at its own moment. */
    private static final double LATER_SECONDS = 0.002;

    private final double[] all;
    private final double[] bass;

    private Onsets(double[] all, double[] bass) {
        this.all = all;
        this.bass = bass;
    }

    static Onsets of(Recording recording) {
        Spectra spectra = new Spectra(recording, PIECE);
        int steps = (int) Math.floor(recording.seconds() * PER_SECOND) + 1;
        double[][] before = new double[BEFORE + 1][BANDS];
        double[] strengths = new double[spectra.bins()];
        int[] edges = edges(spectra);
        double[] all = new double[steps];
        double[] bass = new double[steps];
        for (int step = 0; step < steps; step++) {
            double[] now = before[step % before.length];
            double[] then = before[(step + 1) % before.length];
            spectra.around(step / (double) PER_SECOND + LATER_SECONDS, strengths);
            loudness(strengths, edges, now);
            for (int band = 0; band < BANDS && step >= BEFORE; band++) {
                double growth = Math.max(0, now[band] - widest(then, band));
                all[step] += growth;
                if (edges[band + 1] * spectra.step() <= BASS_HERTZ) bass[step] += growth;
            }
        }
        return new Onsets(beyondUsual(all), beyondUsual(bass));
    }

    /** A tone that sways from one band into the next does not begin anew. */
    private static double widest(double[] bands, int band) {
        double most = bands[band];
        if (band > 0) most = Math.max(most, bands[band - 1]);
        if (band + 1 < bands.length) most = Math.max(most, bands[band + 1]);
        return most;
    }

    private static int[] edges(Spectra spectra) {
        int[] edges = new int[BANDS + 1];
        double low = ear(LOWEST_HERTZ);
        double high = ear(Math.min(HIGHEST_HERTZ, spectra.bins() * spectra.step()));
        for (int i = 0; i <= BANDS; i++) {
            double hertz = 700 * (Math.exp((low + (high - low) * i / BANDS) / 1127) - 1);
            int bin = (int) Math.round(hertz / spectra.step());
            edges[i] = Math.min(spectra.bins() - 1, i == 0 ? Math.max(1, bin) : Math.max(edges[i - 1] + 1, bin));
        }
        return edges;
    }

    private static double ear(double hertz) {
        return 1127 * Math.log(1 + hertz / 700);
    }

    private static void loudness(double[] strengths, int[] edges, double[] bands) {
        for (int band = 0; band < BANDS; band++) {
            double sum = 0;
            for (int bin = edges[band]; bin < edges[band + 1]; bin++) sum += strengths[bin];
            bands[band] = Math.log1p(LOUDNESS * sum / PIECE * 2);
        }
    }

    private static double[] beyondUsual(double[] growth) {
        double[] sums = new double[growth.length + 1];
        for (int i = 0; i < growth.length; i++) sums[i + 1] = sums[i] + growth[i];
        double[] beyond = new double[growth.length];
        double square = 0;
        for (int i = 0; i < growth.length; i++) {
            int from = Math.max(0, i - USUAL);
            int to = Math.min(growth.length, i + USUAL + 1);
            beyond[i] = Math.max(0, growth[i] - (sums[to] - sums[from]) / (to - from));
            square += beyond[i] * beyond[i];
        }
        double scale = Math.sqrt(square / Math.max(1, growth.length));
        for (int i = 0; i < beyond.length && scale > 0; i++) beyond[i] /= scale;
        return beyond;
    }

    int steps() {
        return all.length;
    }

    /** Of everything, so that its mean square is one. */
    double[] all() {
        return all;
    }

    /** Of what is low. */
    double[] bass() {
        return bass;
    }
}
