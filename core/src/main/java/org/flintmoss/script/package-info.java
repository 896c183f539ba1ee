/**
 * The event language: phrases, sentences, and the compiler that turns a mission's events into
 * interned facts, condition trees and action programs.
 *
 * <p>Enter at {@link org.flintmoss.script.PhraseBook} for what can be said, and at {@link
 * org.flintmoss.script.Script#compile} for what a simulation runs.
 */
package org.flintmoss.script;
