/**
 * JSON as documents need it: bounded reading, the canonical form that is hashed, patches and
 * differences, and what is wrong with a document. Begin with {@link
 * org.flintmoss.mission.json.Json}.
 *
 * <p>It knows no record of a mission.
 */
package org.flintmoss.mission.json;
