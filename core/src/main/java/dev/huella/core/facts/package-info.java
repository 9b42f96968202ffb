/**
 * What a reader saw in one file, in words that all languages share. Names are as written; nothing is resolved.
 *
 * <p>Start with {@link dev.huella.core.facts.FileFacts}.
 *
 * <p>Not here: how text becomes facts: {@code reading}. What names mean: {@code resolve}.
 *
 * <p>A new kind of step or value must be treated wherever {@code Step} or {@code Value} is switched over; the compiler lists the places.
 */
package dev.huella.core.facts;
