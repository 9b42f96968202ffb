package dev.huella.core.reading.ruby;

import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.TypeText;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.WrittenType;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

/** Reads what operations and blocks are given, a block among it. */
final class RubyParameters {
    private RubyParameters() {}

    static List<ParameterDeclared> of(SyntaxNode list) {
        List<ParameterDeclared> found = new ArrayList<>();
        for (SyntaxNode child : list == null ? List.<SyntaxNode>of() : list.children()) {
            SyntaxNode name = child.child("name");
            String text = name == null ? child.text().replaceAll("^[*&]+", "") : name.text();
            switch (child.kind()) {
                case "identifier" -> found.add(new ParameterDeclared(text, null));
                case "optional_parameter", "keyword_parameter" -> found.add(new ParameterDeclared(text,
                        WrittenType.orOfDefault(null, child.child("value"), WrittenType.Plain.RUBY),
                        child.child("value") != null));
                case "splat_parameter" -> found.add(new ParameterDeclared(text, TypeText.of("?").array(1), true));
                case "hash_splat_parameter" -> found.add(new ParameterDeclared(text, null, true));
                case "block_parameter", "forward_parameter" ->
                    found.add(new ParameterDeclared(text.isEmpty() ? "block" : text,
                            TypeText.function(List.of(), TypeText.of("?")), true));
                case "destructured_parameter" -> child.children()
                        .forEach(one -> found.add(new ParameterDeclared(one.text(), null)));
                default -> {
                    // the sign that forbids named arguments
                }
            }
        }
        return found;
    }

    /** What a block is given: as written, or as its body names it where nothing is written ({@code it}, {@code _1}). */
    static List<ParameterDeclared> of(SyntaxNode written, SyntaxNode body) {
        if (written != null || body == null) {
            return of(written);
        }
        int numbered = 0;
        boolean it = false;
        Deque<SyntaxNode> open = new ArrayDeque<>(List.of(body));
        while (!open.isEmpty()) {
            SyntaxNode node = open.pop();
            if (node.is("identifier") && node.text().matches("_[1-9]")) {
                numbered = Math.max(numbered, node.text().charAt(1) - '0');
            }
            it |= node.is("identifier") && node.text().equals("it");
            node.children().forEach(open::push);
        }
        List<ParameterDeclared> found = new ArrayList<>();
        for (int i = 1; i <= numbered; i++) {
            found.add(new ParameterDeclared("_" + i, null));
        }
        return found.isEmpty() && it ? List.of(new ParameterDeclared("it", null)) : found;
    }

    /** A body that yields takes a block, written among the parameters or not. */
    static void block(SyntaxNode body, List<ParameterDeclared> parameters, RubyBodies bodies) {
        ParameterDeclared last = parameters.isEmpty() ? null : parameters.getLast();
        if (last != null && last.type() != null && last.type().isFunction()) {
            bodies.block(last.name());
            return;
        }
        int given = yielded(body);
        if (given >= 0) {
            List<TypeText> types = new ArrayList<>();
            for (int i = 0; i < given; i++) {
                types.add(TypeText.of("?"));
            }
            parameters.add(new ParameterDeclared("block", TypeText.function(types, TypeText.of("?")), true));
            bodies.block("block");
        }
    }

    /** How many values a body hands to its block; -1 when it has none. */
    private static int yielded(SyntaxNode body) {
        Deque<SyntaxNode> open = new ArrayDeque<>();
        if (body != null) {
            open.push(body);
        }
        while (!open.isEmpty()) {
            SyntaxNode node = open.pop();
            if (node.is("yield") && node.named()) {
                return node.children().isEmpty() ? 0 : node.children().getFirst().children().size();
            }
            node.children().reversed().forEach(open::push);
        }
        return -1;
    }
}
