/**
 * Facts of one file, and what was found in a code base, as bytes, for keeping them between runs. What comes out equals
 * what went in.
 *
 * <p>Start with {@link dev.huella.core.exchange.packed.FactsWriter}.
 *
 * <p>Not here: where the bytes are kept and when they are out of date: {@code project}.
 *
 * <p>A new kind of step or value gets a tag in {@code FactsWriter} and the same one in {@code FactsReader}; a test holds them together.
 */
package dev.huella.core.exchange.packed;
