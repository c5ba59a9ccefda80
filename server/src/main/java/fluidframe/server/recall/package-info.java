/** Questions from the charts, asked when they are about to be forgotten. */
package fluidframe.server.recall;
