/**
 * The open chart format ({@code fluidframe/figure@1}, YAML or JSON). Reading reports every
 * problem with its line, column and path; writing then reading gives an equal chart.
 */
package fluidframe.library.figure;
