/**
 * A finished drawing as marks with coordinates, how types and relations look in UML, and painters for files.
 *
 * <p>Start with {@link dev.huella.core.drawing.Drawing}.
 *
 * <p>Not here: where things stand: {@code layout}. The window's painter: the desktop module.
 *
 * <p>A format is one more painter with one case for each kind of mark.
 */
package dev.huella.core.drawing;
