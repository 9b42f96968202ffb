/**
 * What an instance owes, held against the code: met, broken or open, with a sentence and places.
 *
 * <p>Start with {@link dev.huella.core.conformance.ConformanceCheck}.
 *
 * <p>Not here: what is owed: that stands in the definitions.
 *
 * <p>An obligation is a few lines in a definition. See docs/how-to/add-an-obligation.md.
 */
package dev.huella.core.conformance;
