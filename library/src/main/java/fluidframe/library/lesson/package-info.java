/** Lessons in the open format. */
package fluidframe.library.lesson;
