/**
 * The core of Huella, without a line of interface code. Text goes in, verdicts and drawings come out, one package a step:
 * {@code source} (what there is to read), {@code facts} and {@code reading} (what stands in one file), {@code model} and
 * {@code resolve} (what it means together), {@code molde} (patterns as text), {@code match} (finds), {@code conformance}
 * (verdicts), {@code diagram}, {@code drawing} and {@code layout} (pictures), {@code exchange} (files), {@code project}
 * (the one entry for window and command line).
 *
 * <p>Start with {@link dev.huella.core.project.Project}, then the packages in the order of the flow.
 */
package dev.huella.core;
