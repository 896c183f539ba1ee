/** What all features share: the store's connections, errors, who may ask, and the page itself. */
package org.flintmoss.server.web;
