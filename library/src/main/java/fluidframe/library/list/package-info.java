/** Lists of levels in the open format, and how much of one is charted. */
package fluidframe.library.list;
