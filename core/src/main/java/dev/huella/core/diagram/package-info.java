/**
 * What a class diagram shows: which types, which members, which relations. No coordinates.
 *
 * <p>Start with {@link dev.huella.core.diagram.ClassDiagram}.
 *
 * <p>Not here: where things stand: {@code layout}. How they look: {@code drawing}.
 *
 * <p>Another choice of types is one more builder beside {@code ScopeDiagram}.
 */
package dev.huella.core.diagram;
