/** Live trials: started over HTTP, played over a WebSocket. Enter at {@link TrialService}. */
package org.flintmoss.server.trials;
