/**
 * Definitions held against a model. In come a {@link dev.huella.core.model.Model} and compiled definitions; out go
 * {@link dev.huella.core.match.PatternInstance finds} and near misses, each with its evidence.
 *
 * <p>Start with {@link dev.huella.core.match.Matcher}, then {@code PatternPlan} (how a definition is taken apart) and
 * {@code Solver} (how conditions are joined over indexed tables).
 *
 * <p>Not here: what clauses mean ({@code molde.clause}) and whether obligations are kept ({@code conformance}).
 *
 * <p>Nothing is added here for a new pattern: write its definition. A new clause is one file in {@code molde.clause}.
 */
package dev.huella.core.match;
