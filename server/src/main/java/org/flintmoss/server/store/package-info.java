/**
 * The one file that holds everything: opened, found to be whole, backed up, written and read. Enter
 * by {@link org.flintmoss.server.store.DatabaseFile}, which judges the data folder before anything
 * is opened in it; features get its connections from {@link org.flintmoss.server.store.Store}.
 */
package org.flintmoss.server.store;
