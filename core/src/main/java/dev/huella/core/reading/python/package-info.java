/**
 * Python 3, as far as version 3.14.
 *
 * <p>Start with {@link dev.huella.core.reading.python.PythonReader}.
 *
 * <p>Not here: what names mean, and types that only their use tells: {@code resolve}.
 *
 * <p>A new construct is one more case in {@code PythonBodies}.
 */
package dev.huella.core.reading.python;
