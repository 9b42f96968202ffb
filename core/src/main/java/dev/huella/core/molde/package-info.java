/**
 * The pattern language: its grammar, its compiler with located messages, compiled definitions, and the shipped catalogue
 * among the resources.
 *
 * <p>Start with {@link dev.huella.core.molde.MoldeCompiler}.
 *
 * <p>Not here: how definitions are searched for: {@code match}. What clauses mean: {@code molde.clause}.
 *
 * <p>A pattern is one file ending {@code .molde}. See docs/how-to/add-a-pattern.md.
 */
package dev.huella.core.molde;
