/**
 * The script as plain text: one grammar, derived from the phrases of conditions and actions, from
 * which printing, reading and completion come. Text is read into the JSON of the document, so that
 * a phrase that is added needs nothing here.
 */
package org.flintmoss.script.text;
