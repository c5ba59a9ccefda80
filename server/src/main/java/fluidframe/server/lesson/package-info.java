/** Lessons as they are kept. */
package fluidframe.server.lesson;
