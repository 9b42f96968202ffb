/**
 * C++, as far as version 23, headers and sources alike. Macros are not expanded; the usual ones that hide tokens are
 * blanked out.
 *
 * <p>Start with {@link dev.huella.core.reading.cpp.CppReader}.
 *
 * <p>Not here: how definitions outside a class find the class they belong to: {@code resolve}.
 *
 * <p>A new construct is one more case in {@code CppBodies} or {@code CppValues}; a macro that breaks code goes into
 * {@code CppMasks}.
 */
package dev.huella.core.reading.cpp;
