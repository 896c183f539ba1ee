/**
 * Checks of the script: what can never be, what contradicts itself, what nothing reads. Begin with
 * {@link org.flintmoss.check.script.ScriptChecks}.
 *
 * <p>Places are RFC 6901 pointers into the document.
 */
package org.flintmoss.check.script;
