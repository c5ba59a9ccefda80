/** Songs in the open format. */
package fluidframe.library.song;
