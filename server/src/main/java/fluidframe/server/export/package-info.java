/** Everything kept as a file in every format that there is for it. */
package fluidframe.server.export;
