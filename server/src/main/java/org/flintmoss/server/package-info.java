/** The server: keeps missions, carries edits and trials to browsers, serves the front end. */
package org.flintmoss.server;
