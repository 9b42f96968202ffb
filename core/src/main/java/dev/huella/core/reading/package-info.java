/**
 * Text becomes facts. Here stand the reader's interface, the registry, and access to syntax trees.
 *
 * <p>Start with {@link dev.huella.core.reading.LanguageReader}.
 *
 * <p>Not here: anything that knows one language: that is a folder below.
 *
 * <p>A language is one folder with a class annotated as a service, its tests, and a library data file beside {@code resolve}. See docs/how-to/add-a-language.md.
 */
package dev.huella.core.reading;
