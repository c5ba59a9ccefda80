package fluidframe.core.music.analysis;

import org.jtransforms.fft.FloatFFT_1D;

/** Short pieces of a recording as the strengths of their frequencies. */
final class Spectra {
    private final Recording recording;
    private final int size;
    private final FloatFFT_1D transform;
    private final float[] window;
    private final float[] piece;

    /** @param size samples in a piece, a power of two */
    Spectra(Recording recording, int size) {
        this.recording = recording;
        this.size = size;
        this.transform = new FloatFFT_1D(size);
        this.window = new float[size];
        this.piece = new float[size];
        for (int i = 0; i < size; i++) window[i] = (float) (0.5 - 0.5 * Math.cos(2 * Math.PI * i / (size - 1)));
    }

    /** How many frequencies are told apart. */
    int bins() {
        return size / 2;
    }

    /** Hertz from one frequency to the next. */
    double step() {
        return recording.rate() / (double) size;
    }

    /** The strengths around a moment; what lies outside of the recording is silent. */
    void around(double second, double[] strengths) {
        float[] samples = recording.samples();
        int from = (int) Math.round(second * recording.rate()) - size / 2;
        for (int i = 0; i < size; i++) {
            int at = from + i;
            piece[i] = at < 0 || at >= samples.length ? 0 : samples[at] * window[i];
        }
        transform.realForward(piece);
        for (int bin = 1; bin < size / 2; bin++) {
            double real = piece[2 * bin];
            double other = piece[2 * bin + 1];
            strengths[bin] = Math.sqrt(real * real + other * other);
        }
    }
}
