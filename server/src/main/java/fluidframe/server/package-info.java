/** The application: starts the web server with its database, or checks files from the command line without either. */
package fluidframe.server;
