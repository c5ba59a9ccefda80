/** Plans of practice, as they are kept. */
package fluidframe.server.practice;
