/**
 * The JSON formats that the command line prints.
 *
 * <p>Start with {@link dev.huella.core.exchange.json.FindsWriter}.
 *
 * <p>Not here: pictures: {@code drawing}.
 *
 * <p>Another format is one more folder below {@code exchange}.
 */
package dev.huella.core.exchange.json;
