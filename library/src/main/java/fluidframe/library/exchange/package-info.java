/** Files taken in and given out: one class a format, each behind {@code Import} or {@code Export}. */
package fluidframe.library.exchange;
