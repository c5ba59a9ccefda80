/** Plans of practice in the open format. */
package fluidframe.library.practice;
