package fluidframe.server.chart;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Variant;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Count;
import fluidframe.core.count.Dance;
import fluidframe.core.count.Rhythm;
import fluidframe.core.count.RhythmChoices;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.TurnDivision;
import fluidframe.core.proposal.Completion;
import fluidframe.core.proposal.PartnerDerivation;
import fluidframe.core.proposal.Retiming;
import fluidframe.core.proposal.TurnSharing;
import fluidframe.core.proposal.VariantDerivation;
import fluidframe.library.figure.ChartWriter;
import fluidframe.library.text.Problem;
import fluidframe.library.typed.RowTable;
import fluidframe.library.typed.Shorthand;
import fluidframe.library.typed.TypedRows;
import fluidframe.server.access.OpenTo;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.lang.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the core proposes for a chart being edited. Nothing is kept and nothing is changed: the page takes it or not. */
@RestController
@OpenTo
@RequestMapping("/api/proposals")
class ProposalController {
    /** A chart and the role to start from. */
    record RoleOfChart(
            @NotNull @Schema(ref = ApiDescription.CHART) JsonNode chart,
            @NotNull RoleName role) {}

    /** The roles as the format names them. */
    enum RoleName {
        man,
        lady;

        Role role() {
            return Role.valueOf(name().toUpperCase(Locale.ROOT));
        }
    }

    /** A row that follows from the partner's: the row, what is there now (null for nothing), and why. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record ProposedRow(
            int step,
            @Schema(ref = ApiDescription.ROW) JsonNode row,
            @Nullable @Schema(ref = ApiDescription.ROW) JsonNode now,
            String text,
            String because,
            boolean sure) {}

    /** A cell that follows from others. */
    record ProposedCell(String role, int step, String column, String text, String because) {}

    /** What to do with the time of a step; which of the others count depends on {@code how}. */
    record Retime(
            @NotNull @Schema(ref = ApiDescription.CHART) JsonNode chart,
            @NotNull RoleName role,
            @NotNull How how,
            @Min(1) @Max(128) int step,
            @Nullable @Size(max = 20) String by,
            @Nullable @Min(0) @Max(128) int otherStep,
            @Nullable @Size(max = 400) String rhythm) {}

    /** The ways of retiming. */
    enum How {
        hold,
        split,
        splitQuarter,
        delay,
        lengthen,
        close,
        rhythm
    }

    /** What came of it: {@code chart} is absent where it was refused, {@code words} say what was done, or why not. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Changed(
            @Nullable @Schema(ref = ApiDescription.CHART) JsonNode chart, String words) {}

    /** Rows that were changed, to be told as a variant of the rows as they were. */
    record Varied(
            @NotNull @Schema(ref = ApiDescription.CHART) JsonNode before,
            @NotNull @Schema(ref = ApiDescription.CHART) JsonNode now,
            @NotBlank @Size(max = 100) String name) {}

    /** Text to be read as rows: {@code lines} are one step each in short codes, a {@code table} has tabs. */
    record TypedText(
            @NotNull @Size(max = 100_000) String text,
            @NotNull RoleName role,
            @NotBlank String dance,
            boolean table) {}

    /** Rows read from text, with what could not be read. */
    record ReadRows(
            @Schema(ref = ApiDescription.ROWS) JsonNode man,
            @Schema(ref = ApiDescription.ROWS) JsonNode lady,
            List<Problem> problems) {}

    /** The turn that ends on a row; {@code way} in the words in which it was offered. */
    record Shared(
            @NotNull @Schema(ref = ApiDescription.CHART) JsonNode chart,
            @NotNull RoleName role,
            @Min(1) @Max(128) int step,
            @Nullable @Size(max = 200) String way) {}

    /** How a turn could be divided; {@code sixteenths} are signed, right positive. */
    record Division(int sixteenths, String words) {}

    @PostMapping("/partner")
    List<ProposedRow> partner(@Valid @RequestBody RoleOfChart asked) {
        Chart chart = Charts.read(asked.chart());
        Role role = asked.role().role();
        List<PartnerDerivation.Proposed> proposed = PartnerDerivation.of(chart, role);
        List<ProposedRow> rows = new java.util.ArrayList<>();
        for (int i = 0; i < proposed.size(); i++) {
            PartnerDerivation.Proposed row = proposed.get(i);
            var now = chart.steps(role.partner());
            rows.add(new ProposedRow(
                    i + 1,
                    ChartWriter.toJson(row.row(), chart.dance()),
                    i < now.size() ? ChartWriter.toJson(now.get(i), chart.dance()) : null,
                    Shorthand.words(row.row(), chart.dance()),
                    row.because(),
                    row.sure()));
        }
        return rows;
    }

    @PostMapping("/cells")
    List<ProposedCell> cells(@RequestBody @Schema(ref = ApiDescription.CHART) JsonNode chart) {
        return Completion.of(Charts.read(chart)).stream()
                .map(cell -> new ProposedCell(
                        cell.role().toString(), cell.step(), cell.column().key(), cell.text(), cell.because()))
                .toList();
    }

    @PostMapping("/timing")
    Changed timing(@Valid @RequestBody Retime asked) {
        Chart chart = Charts.read(asked.chart());
        Retiming retiming = Retiming.of(chart, asked.role().role());
        Optional<Integer> other = asked.otherStep() == 0 ? Optional.empty() : Optional.of(asked.otherStep());
        Retiming.Outcome outcome;
        switch (asked.how()) {
            case hold:
                outcome = retiming.hold(asked.step(), beats(asked.by()), other);
                break;
            case split, splitQuarter:
                outcome = retiming.split(asked.step(), asked.how() == How.splitQuarter, other);
                break;
            case delay:
                outcome = retiming.delay(asked.step(), beats(asked.by()));
                break;
            case lengthen:
                outcome = retiming.lengthen(asked.step(), bars(asked.by()));
                break;
            case close:
                outcome = retiming.closeInstead(asked.step());
                break;
            default:
                outcome = retiming.rhythm(Rhythm.parse(chart.dance(), asked.rhythm() == null ? "" : asked.rhythm()));
        }
        return new Changed(outcome.chart().map(ChartWriter::toJson).orElse(null), outcome.words());
    }

    private static int bars(String text) {
        String bars = text == null ? "" : text.trim();
        if (!bars.matches("[1-9]")) {
            throw new IllegalArgumentException(
                    "A figure grows by 1 to 9 whole bars, but \"" + bars + "\" was asked for");
        }
        return Integer.parseInt(bars);
    }

    private static Beats beats(String text) {
        return Beats.parse(text == null || text.isBlank() ? "1/2" : text);
    }

    /** Rhythms of equal length that the dance permits for as many steps. */
    @PostMapping("/rhythms")
    List<String> rhythms(@Valid @RequestBody RoleOfChart asked) {
        Chart chart = Charts.read(asked.chart());
        Rhythm rhythm = chart.rhythm(asked.role().role());
        if (rhythm.size() > 16) return List.of();
        return RhythmChoices.of(chart.dance(), rhythm.size(), rhythm.total(), chart.startBeat()).stream()
                .map(choice -> inTheWordsOf(rhythm, choice, chart).toString())
                .toList();
    }

    /** Beat numbers for a chart that is counted in them. */
    private static Rhythm inTheWordsOf(Rhythm charted, Rhythm choice, Chart chart) {
        if (charted.count(0).kind() != Count.Kind.BEAT) return choice;
        List<Beats> lengths = new java.util.ArrayList<>();
        for (int i = 0; i < choice.size(); i++) lengths.add(choice.beats(i));
        return Rhythm.inBeats(chart.dance(), chart.startBeat(), lengths).orElse(choice);
    }

    /** The chart with its rows as they were and what was changed as a variant; one of the same name is replaced. */
    @PostMapping("/variant")
    Changed variant(@Valid @RequestBody Varied asked) {
        Chart now = Charts.read(asked.now());
        Optional<Variant> variant = VariantDerivation.of(Charts.read(asked.before()), now, asked.name());
        if (variant.isEmpty()) return new Changed(null, "The rows are as they were saved: change them first.");
        ObjectNode chart = asked.now().deepCopy();
        for (Role role : Role.values()) {
            JsonNode rows = asked.before().get(role.toString());
            if (rows == null) chart.remove(role.toString());
            else chart.set(role.toString(), rows);
        }
        ArrayNode variants = chart.withArray("variants");
        variants.removeIf(
                other -> other.path("id").asText().equals(variant.get().id()));
        variants.add(ChartWriter.toJson(variant.get(), now.dance()));
        return new Changed(
                chart,
                "“" + asked.name() + "” is a variant from step "
                        + (variant.get().keep() + 1) + "; the rows are as they were.");
    }

    @PostMapping("/rows")
    ReadRows rows(@Valid @RequestBody TypedText typed) {
        TypedRows read = typed.table()
                ? RowTable.read(typed.text())
                : Shorthand.read(typed.text(), typed.role().role());
        Dance dance = Dance.parse(typed.dance());
        return new ReadRows(
                ChartWriter.toJson(read.man(), dance), ChartWriter.toJson(read.lady(), dance), read.problems());
    }

    /** Every way in which the turn that ends on a row can be shared with the rows before it, in words. */
    @PostMapping("/shares")
    List<String> shares(@Valid @RequestBody Shared asked) {
        return TurnSharing.ways(Charts.read(asked.chart()), asked.role().role(), asked.step()).stream()
                .map(TurnSharing.Way::words)
                .toList();
    }

    /** The chart with the turn shared in one of those ways. */
    @PostMapping("/share")
    Changed share(@Valid @RequestBody Shared asked) {
        String way = asked.way() == null ? "" : asked.way();
        Optional<Chart> shared =
                TurnSharing.of(Charts.read(asked.chart()), asked.role().role(), asked.step(), way);
        return new Changed(
                shared.map(ChartWriter::toJson).orElse(null),
                shared.isPresent()
                        ? "The turn is shared: " + way + "."
                        : "The turn of step " + asked.step() + " cannot be shared so: look at its ways anew.");
    }

    @GetMapping("/division/{sixteenths}")
    Division division(@PathVariable int sixteenths) {
        if (Math.abs((long) sixteenths) > 32) {
            throw new IllegalArgumentException("A turn must be at most 32 sixteenths, but was " + sixteenths);
        }
        return new Division(sixteenths, TurnDivision.of(sixteenths).words());
    }
}
