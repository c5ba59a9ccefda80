package fluidframe.server.figure;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.proposal.ChartMaker;
import fluidframe.library.typed.Shorthand;
import fluidframe.server.access.OpenTo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.lang.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Begins new figures. What is begun is a draft until the coach saves it as a version. */
@RestController
@OpenTo
class MakeController {
    /** From what a figure is begun. */
    enum From {
        nothing,
        copy,
        opposite,
        repeat
    }

    /** A new figure; {@code figure} is the original where there is one. */
    record NewFigure(
            @NotNull From from,
            @NotBlank @Size(max = 40) String dance,
            @NotBlank @Size(max = 120) String name,
            @Nullable @Size(max = 80) String figure,
            @Nullable @Min(0) @Max(16) int times,
            @Nullable boolean mirrored) {}

    private final FigureService figures;
    private final FigureDrafts drafts;

    MakeController(FigureService figures, FigureDrafts drafts) {
        this.figures = figures;
        this.drafts = drafts;
    }

    @PostMapping("/api/new-figures")
    @ResponseStatus(HttpStatus.CREATED)
    FigureView make(@Valid @RequestBody NewFigure asked) {
        Chart chart = chart(asked);
        drafts.begin(chart);
        return figures.get(chart.id());
    }

    /** Figures begun and not yet saved. */
    @GetMapping("/api/new-figures")
    List<FigureView.BegunView> begun() {
        return drafts.begun();
    }

    private Chart chart(NewFigure asked) {
        Dance dance = Dance.parse(asked.dance());
        if (asked.from() == From.nothing) {
            return ChartMaker.begun(dance, asked.name(), first(dance));
        }
        if (asked.figure() == null || asked.figure().isBlank()) {
            throw new IllegalArgumentException("Say which figure to begin from");
        }
        Chart original = figures.chart(asked.figure());
        switch (asked.from()) {
            case copy:
                return ChartMaker.copy(original, asked.name());
            case opposite:
                return ChartMaker.opposite(original, asked.name());
            default:
                return ChartMaker.repeated(original, asked.name(), Math.max(2, asked.times()), asked.mirrored());
        }
    }

    /** A first step to be written over. */
    static Step first(Dance dance) {
        return Shorthand.read(dance.startBeats().get(0) + " l f", Role.MAN)
                .man()
                .get(0);
    }
}
