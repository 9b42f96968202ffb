/**
 * What can be said of a model, one file for each clause. A clause lists the combinations for which it holds, with places.
 *
 * <p>Start with {@link dev.huella.core.molde.clause.Names}.
 *
 * <p>Not here: how clauses are joined: {@code match}.
 *
 * <p>Copy a clause that is close, change its sentence, and use it in a definition. See docs/how-to/add-a-clause.md.
 */
package dev.huella.core.molde.clause;
