package fluidframe.core.chart;

import fluidframe.core.direction.Direction;
import java.util.ArrayList;
import java.util.List;

/** Where a role's feet point along its rows: as charted, else as the turns lead on from there. */
public final class Directions {
    private Directions() {}

    /** Where they point before the first row, worked back from the first row that charts an alignment; LOD if none does. */
    public static Direction before(List<Step> steps) {
        int turned = 0;
        for (Step step : steps) {
            turned += step.turn().footSixteenths();
            if (step.alignment().isPresent())
                return step.alignment().get().footDirection().plus(-turned);
        }
        return Direction.LOD;
    }

    /** Where they point after each row. */
    public static List<Direction> after(List<Step> steps) {
        List<Direction> directions = new ArrayList<>();
        Direction foot = before(steps);
        for (Step step : steps) {
            Direction turned = foot.plus(step.turn().footSixteenths());
            foot = step.alignment().map(a -> a.footDirection()).orElse(turned);
            directions.add(foot);
        }
        return directions;
    }
}
