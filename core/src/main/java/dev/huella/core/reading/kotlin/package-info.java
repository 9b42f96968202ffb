/**
 * Kotlin, as far as version 2.2. Its grammar names no fields, so children are told by kind and position.
 *
 * <p>Start with {@link dev.huella.core.reading.kotlin.KotlinReader}.
 *
 * <p>Not here: what names mean, and what a type hands on to an object it delegates to: {@code resolve}.
 *
 * <p>A new construct is one more case in {@code KotlinBodies} or {@code KotlinValues}.
 */
package dev.huella.core.reading.kotlin;
