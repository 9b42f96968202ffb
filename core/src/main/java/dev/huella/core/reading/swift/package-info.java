/**
 * Swift, as far as version 6.
 *
 * <p>Start with {@link dev.huella.core.reading.swift.SwiftReader}.
 *
 * <p>Not here: how extensions find the type they extend: {@code resolve}.
 *
 * <p>A new construct is one more case in {@code SwiftBodies}, {@code SwiftValues} or {@code SwiftMembers}.
 */
package dev.huella.core.reading.swift;
