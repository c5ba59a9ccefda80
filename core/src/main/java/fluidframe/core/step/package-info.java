/**
 * What one dancer does on one row: foot, placement, weight, footwork, rise and fall, contra body movement and sway.
 * Every value reads and prints the coach's short form. Lengths are shares of a stride; directions are relative to the foot.
 */
package fluidframe.core.step;
