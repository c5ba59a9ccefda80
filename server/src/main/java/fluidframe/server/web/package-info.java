/** What all features of the web server share: refusals as problem details, pages behind deep links, the API description. */
package fluidframe.server.web;
