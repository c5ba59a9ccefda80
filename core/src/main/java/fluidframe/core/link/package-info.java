/**
 * Whether one figure may follow another: the state the first leaves the couple in against what the second begins from.
 * Every condition is told with both sides' values. Directions are relative to the line of dance of the moment.
 */
package fluidframe.core.link;
