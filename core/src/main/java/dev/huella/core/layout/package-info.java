/**
 * A diagram becomes a drawing with coordinates.
 *
 * <p>Start with {@link dev.huella.core.layout.ClassLayout}.
 *
 * <p>Not here: how things look: {@code drawing}.
 *
 * <p>Another way to lay out is one more class from diagram to drawing.
 */
package dev.huella.core.layout;
