/** Long works, one after the other and off the request threads: begun, watched, given up. */
package fluidframe.server.job;
