/** What joins to what: the map of a dance, a figure's neighbours, any pair with its reasons, practice loops. */
package fluidframe.server.links;
