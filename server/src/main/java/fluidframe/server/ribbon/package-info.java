/** A routine worked out as it is edited: its ribbon of figures, joins, floor and music. */
package fluidframe.server.ribbon;
