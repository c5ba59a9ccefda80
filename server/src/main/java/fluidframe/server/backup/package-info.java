/** The studio as one file, made while it runs, kept for a year and taken back. */
package fluidframe.server.backup;
