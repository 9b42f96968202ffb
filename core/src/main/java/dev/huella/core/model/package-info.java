/**
 * The resolved code base: types, members, what bodies do, and relations. Filled by {@code resolve}, read by everything after.
 *
 * <p>Start with {@link dev.huella.core.model.Model}.
 *
 * <p>Not here: how it is made: {@code resolve}.
 *
 * <p>A new kind of deed must be treated wherever {@code Deed} is switched over.
 */
package dev.huella.core.model;
