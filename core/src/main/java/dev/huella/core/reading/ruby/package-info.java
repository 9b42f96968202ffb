/**
 * Ruby, as far as version 3.4.
 *
 * <p>Start with {@link dev.huella.core.reading.ruby.RubyReader}.
 *
 * <p>Not here: what untyped values hold and what reopened classes make together: {@code resolve}.
 *
 * <p>A new construct is one more case in {@code RubyBodies} or {@code RubyValues}; a call that declares members goes
 * into {@code RubyMacros}.
 */
package dev.huella.core.reading.ruby;
