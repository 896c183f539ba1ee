/** What the core costs, measured; enter at {@link org.flintmoss.bench.Bench}. */
package org.flintmoss.bench;
