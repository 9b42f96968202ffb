/**
 * C#, as far as version 13.
 *
 * <p>Start with {@link dev.huella.core.reading.csharp.CSharpReader}.
 *
 * <p>Not here: what names mean and what partial classes make together: {@code resolve}.
 *
 * <p>A new construct is one more case in {@code CSharpBodies}, {@code CSharpValues} or {@code CSharpMembers}.
 */
package dev.huella.core.reading.csharp;
