package dev.huella.core.reading.swift;

import dev.huella.core.facts.Value;
import dev.huella.core.reading.SyntaxNode;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * Puts right what the grammar binds the wrong way: {@code a + b.c()} comes as a call of {@code a + b}, {@code !a.b} as a
 * member of {@code !a}. Accesses and calls bind closer than signs, so they belong to the operand next to them.
 */
final class SwiftOperators {
    private static final Set<String> SIGNS = Set.of("additive_expression", "multiplicative_expression");
    private static final Set<String> CLOSE = Set.of("navigation_expression", "call_expression", "postfix_expression");
    /** Operations under which accesses are being read; each then stands for its last operand. */
    private final Set<Integer> open = new HashSet<>();

    /** The operation that accesses and calls were put around; null when there is none. */
    SyntaxNode below(SyntaxNode node) {
        SyntaxNode at = node;
        while (CLOSE.contains(at.kind())) {
            SyntaxNode target = at.child("target");
            SyntaxNode next = target != null || at.children().isEmpty() ? target : at.children().getFirst();
            if (next == null) {
                return null;
            }
            at = next;
        }
        return at.index() != node.index() && (SIGNS.contains(at.kind()) || isSigned(at)) && !open.contains(at.index())
                ? at
                : null;
    }

    private static boolean isSigned(SyntaxNode node) {
        return node.is("prefix_expression") && node.child("target") != null
                && (node.text().startsWith("!") || node.text().startsWith("-"));
    }

    /** True while the operation stands for its last operand. */
    boolean isOpen(SyntaxNode operation) {
        return !open.isEmpty() && open.contains(operation.index());
    }

    /** The operand to which accesses after the operation belong. */
    SyntaxNode operand(SyntaxNode operation) {
        SyntaxNode at = operation;
        while (isOpen(at)) {
            at = at.is("prefix_expression") ? at.child("target") : at.child("rhs");
        }
        return at;
    }

    /** The operation as it is meant: its last operand with all that follows it. */
    Value around(SyntaxNode operation, Function<SyntaxNode, Value> value, SyntaxNode whole) {
        open.add(operation.index());
        try {
            SyntaxNode last = operand(operation);
            Value own = SIGNS.contains(last.kind()) || isSigned(last)
                    ? around(last, value, whole)
                    : value.apply(whole);
            return operation.is("prefix_expression")
                    ? new Value.Computed(operation.text().substring(0, 1), List.of(own), whole.span())
                    : new Value.Computed(SwiftValues.signBetween(operation),
                            List.of(value.apply(operation.child("lhs")), own), whole.span());
        } finally {
            open.remove(operation.index());
        }
    }
}
