/**
 * Java, up to version 25.
 *
 * <p>Start with {@link dev.huella.core.reading.java.JavaReader}.
 *
 * <p>Not here: what names mean: {@code resolve}.
 *
 * <p>A new construct is one more case in {@code JavaBodies} or {@code JavaValues}.
 */
package dev.huella.core.reading.java;
