/** Lists of levels as organisations have them, how much of them is charted, and the free elements. */
package fluidframe.server.list;
