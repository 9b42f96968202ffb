/**
 * UML in XMI 2.5.1: what other modelling tools read.
 *
 * <p>Start with {@link dev.huella.core.exchange.xmi.UmlModelBuilder}, then
 * {@link dev.huella.core.exchange.xmi.XmiWriter}.
 *
 * <p>Not here: how pictures come about: {@code layout}.
 *
 * <p>Something more to exchange is one more record in {@code UmlModel}, written and read back in the same change.
 */
package dev.huella.core.exchange.xmi;
