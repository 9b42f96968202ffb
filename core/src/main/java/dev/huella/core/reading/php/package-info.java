/**
 * PHP, as far as version 8.4.
 *
 * <p>Start with {@link dev.huella.core.reading.php.PhpReader}.
 *
 * <p>Not here: what names mean and what untyped values hold: {@code resolve}.
 *
 * <p>A new construct is one more case in {@code PhpBodies} or {@code PhpValues}.
 */
package dev.huella.core.reading.php;
