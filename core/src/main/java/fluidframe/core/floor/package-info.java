/**
 * The feet of both dancers on the floor, in metres. x runs along the line of dance of the first side, y towards its wall
 * (to the right of somebody facing the line of dance); angles are sixteenths of a turn clockwise from x. The charts say
 * directions but no lengths, so lengths are usual shares of a stride, then adjusted as little as the couple needs.
 */
package fluidframe.core.floor;
