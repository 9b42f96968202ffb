/**
 * JavaScript and TypeScript, which share all but the types: one set of classes reads both.
 *
 * <p>Start with {@link dev.huella.core.reading.script.ScriptReader}.
 *
 * <p>Not here: which file an import means, and objects that satisfy an interface by shape: {@code resolve}.
 *
 * <p>A new construct is one more case in {@code ScriptBodies} or {@code ScriptValues}; another way of making objects
 * without classes goes into {@code ScriptClosures} or {@code ScriptPrototypes}.
 */
package dev.huella.core.reading.script;
