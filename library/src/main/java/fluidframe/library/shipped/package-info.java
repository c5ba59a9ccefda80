/** What ships: the charts, the examples of the rules, the free elements. */
package fluidframe.library.shipped;
