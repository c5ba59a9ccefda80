package fluidframe.bench;

import fluidframe.core.count.Dance;
import fluidframe.core.link.Repertoire;
import fluidframe.core.plan.Composer;
import fluidframe.core.plan.Plan;
import fluidframe.library.shipped.ShippedLibrary;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.function.IntFunction;
import org.knowm.xchart.BitmapEncoder;
import org.knowm.xchart.XYChart;
import org.knowm.xchart.XYChartBuilder;

/** Draws how the time to compose grows with the bars, the figures allowed and the figures required. */
public final class GrowthPlot {
    private static final int RUNS = 5;
    private static final double NANOS_A_MILLI = 1e6;
    private static final List<String> REQUIRED = List.of(
            "foxtrot.reverse-wave",
            "foxtrot.hover-cross",
            "foxtrot.top-spin",
            "foxtrot.natural-weave",
            "foxtrot.three-step",
            "foxtrot.natural-turn");

    private GrowthPlot() {}

    /** {@code args[0]}: the file to write, without its ending. */
    public static void main(String[] args) throws IOException {
        Repertoire repertoire = Repertoire.of(ShippedLibrary.load());
        Composer composer = Composer.of(repertoire, Dance.FOXTROT);
        List<String> figures = repertoire.charts().stream()
                .filter(chart -> chart.dance() == Dance.FOXTROT)
                .map(chart -> chart.id())
                .toList();
        composer.compose(Plan.of(32));
        List<XYChart> charts = List.of(
                chart(
                        "bars, two figures required",
                        List.of(8, 16, 32, 48, 64, 96, 128),
                        bars -> () -> composer.compose(Plan.of(bars)
                                .requiring(REQUIRED.get(0), REQUIRED.get(1))
                                .wanting(10))),
                chart(
                        "figures allowed, 32 bars",
                        List.of(6, 9, 12, 15, 18, figures.size()),
                        many -> () -> composer.compose(Plan.of(32)
                                .allowing(new HashSet<>(figures.subList(0, many)))
                                .wanting(10))),
                chart(
                        "figures required, 32 bars",
                        List.of(0, 1, 2, 3, 4, 5, 6),
                        many -> () -> composer.compose(Plan.of(32)
                                .requiring(REQUIRED.subList(0, many).toArray(String[]::new))
                                .wanting(10))));
        BitmapEncoder.saveBitmap(charts, 1, charts.size(), Path.of(args[0]).toString(), BitmapEncoder.BitmapFormat.PNG);
    }

    private static XYChart chart(String words, List<Integer> sizes, IntFunction<Runnable> task) {
        XYChart chart = new XYChartBuilder()
                .width(360)
                .height(280)
                .title("")
                .xAxisTitle(words)
                .yAxisTitle("milliseconds")
                .build();
        chart.getStyler().setLegendVisible(false);
        chart.getStyler().setYAxisMin(0.0);
        List<Double> times = new ArrayList<>();
        for (int size : sizes) times.add(median(task.apply(size)));
        chart.addSeries(words, sizes, times);
        for (int i = 0; i < sizes.size(); i++)
            System.out.printf("%s: %d, %.1f ms%n", words, sizes.get(i), times.get(i));
        return chart;
    }

    private static double median(Runnable task) {
        task.run();
        double[] times = new double[RUNS];
        for (int i = 0; i < RUNS; i++) {
            long begun = System.nanoTime();
            task.run();
            times[i] = (System.nanoTime() - begun) / NANOS_A_MILLI;
        }
        Arrays.sort(times);
        return times[RUNS / 2];
    }
}
