package fluidframe.library.figure;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.chart.Chart;
import fluidframe.core.count.CountLanguage;
import fluidframe.core.couple.Role;
import fluidframe.library.text.SourceText;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RichChartTest {
    /** A chart that says everything which no shipped one says. */
    private static final String RICH = """
            format: fluidframe/figure@1
            id: jive.rich
            dance: jive
            name: Rich
            madeFrom: jive.fallaway-rock
            start:
              position: closed
              hold: closed no contact
              prepare: {man: {hip: settle R a before 1, head: to partner, note: tall}, lady: {body: shape R half}}
            man:
              - {count: Q, foot: L, place: side, align: facing wall, sway: L a little, head: "L, spot LOD at end", say: rock step}
              - {count: Q, foot: R, place: taps, say: "-"}
              - {count: Q, foot: R, place: side}
              - {count: Q, foot: L, place: closes}
            lady:
              - {count: Q, foot: R, place: side, align: facing centre, sway: R full}
              - {count: Q, foot: L, place: taps}
              - {count: Q, foot: L, place: side}
              - {count: Q, foot: R, place: closes}
            repeats:
              - {steps: 1-2, least: 1, most: 3, mirrored: true}
              - {steps: 3-4, least: 1, most: 2}
            options:
              - {id: high, name: High, says: The arm is high., choice: arm, edits: [{role: man, step: 1, key: head, text: R}]}
              - {id: low, name: Low, says: The arm is low., choice: arm, edits: [{role: lady, step: 2, key: say, text: low}]}
            variants:
              - id: longer
                name: longer
                keep: 2
                repeats: [{steps: 2-3, least: 1, most: 4}]
                man: [{count: Q, foot: R, place: side}, {count: Q, foot: L, place: closes}]
                lady: [{count: Q, foot: L, place: side}, {count: Q, foot: R, place: closes}]
            """;

    @Test
    void keepsWhatNoShippedChartSays() {
        Chart chart = ChartReader.read(RICH).value().orElseThrow();
        String written = ChartWriter.toYaml(chart);
        assertThat(ChartReader.read(written).value()).contains(chart);
        assertThat(written)
                .contains(
                        "hip: settle R a before 1",
                        "head: to partner",
                        "shape R half",
                        "sway: L a little",
                        "L, spot LOD at end",
                        "say: rock step",
                        "choice: arm",
                        "2-3");
        assertThat(chart.options().get(0).excludes(chart.options().get(1))).isTrue();
        assertThat(chart.said(Role.MAN, CountLanguage.OWN)).containsExactly("rock step", "", "Q", "Q");
        assertThat(chart.said(Role.LADY, CountLanguage.TAP_INCLUDED)).containsExactly("S", "", "Q", "Q");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "hip: settle R a before 1 | hip: jump | /start/prepare/man/hip | A hip or body action must be",
                "head: to partner | head: up | /start/prepare/man/head | A head must look",
                "sway: R full | sway: R much | /lady/0/sway | A sway must be straight",
                "say: rock step | say: a word that is far too long to be said in the time of a step | /man/0/say | at most 40",
                "steps: 3-4 | steps: 2-4 | | must begin after the repeat before it",
                "steps: 2-3, | steps: 2-9, | | must end by the last step, which is 4"
            })
    void saysWhatIsWrongWithThem(String from, String to, String path, String message) throws Exception {
        String text = RICH.replace(from, to);
        assertThat(text).isNotEqualTo(RICH);
        assertThat(ChartReader.read(text).problems()).singleElement().satisfies(problem -> {
            assertThat(problem.path()).isEqualTo(path == null ? "" : path);
            assertThat(problem.message()).contains(message);
        });
        // Nothing else of the chart is lost by it.
        ChartSalvage.Result salvaged = ChartSalvage.read(SourceText.read(text).root());
        assertThat(salvaged.problems()).isNotEmpty();
        assertThat(salvaged.chart()).hasValueSatisfying(chart -> {
            assertThat(chart.man()).hasSize(4);
            assertThat(chart.lady()).hasSize(4);
        });
    }
}
