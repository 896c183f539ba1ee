/** The command line: the same core without a browser, made for builds and for the curious. */
package org.flintmoss.cli;
