package fluidframe.core.floor;

import fluidframe.core.couple.Role;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Weight;

/**
 * One foot laid on the floor.
 *
 * @param role whose
 * @param number the row in its role, from 1
 * @param onset beats from the start of the figure
 * @param end beats from the start of the figure
 * @param foot which foot
 * @param weight how much weight it takes
 * @param place the middle of the foot
 * @param direction where its toes point, in sixteenths clockwise from x, 0 to 16
 * @param centre the middle of the dancer's body after the row
 * @param body where the body faces, in sixteenths clockwise from x
 */
public record Footfall(
        Role role,
        int number,
        double onset,
        double end,
        Foot foot,
        Weight weight,
        Point place,
        double direction,
        Point centre,
        double body) {}
