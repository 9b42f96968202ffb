package dev.huella.core.match;

import dev.huella.core.molde.Formula;
import dev.huella.core.source.SourceSpan;

/** One row that made an atom hold. {@code place} is null where no single place shows it. */
record Evidence(Formula.Atom atom, SourceSpan place) {
}
