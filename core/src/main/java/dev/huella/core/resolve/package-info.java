/**
 * Facts of all files become one model: names, supertypes, signatures, bodies, overriding, what fields hold, relations.
 *
 * <p>Start with {@link dev.huella.core.resolve.ModelResolver}.
 *
 * <p>Not here: what stands in one file: {@code reading}. What patterns ask of the model: {@code molde.clause}.
 *
 * <p>What a library's types mean beyond their signatures goes into its data file among the resources.
 */
package dev.huella.core.resolve;
