package dev.huella.core.reading.csharp;

import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Reads patterns as tests of what they are held against. */
final class CSharpPatterns {
    private final CSharpValues values;

    CSharpPatterns(CSharpValues values) {
        this.values = values;
    }

    /** What a pattern asks of the value, and of its parts. */
    Value test(SyntaxNode node, Value tested) {
        Value whole = whole(node, tested);
        List<Value> parts = parts(node, tested);
        return parts.isEmpty()
                ? whole
                : new Value.Computed("&&", Stream.concat(Stream.of(whole), parts.stream()).toList(), node.span());
    }

    /** By place, {@code Buoy(var a, _)}, or by name, {@code { Name: var a }}. */
    private List<Value> parts(SyntaxNode node, Value tested) {
        List<Value> found = new ArrayList<>();
        SyntaxNode called = node.is("constant_pattern") ? node.first("invocation_expression") : null;
        if (called != null) { // as the grammar reads a type with its parts
            Value of = new Value.Cast(TypeText.of(called.child("function").text()), tested, node.span());
            byPlace(called.child("arguments").children(), of, found);
        }
        SyntaxNode type = node.is("recursive_pattern") ? node.child("type") : null;
        if (node.is("recursive_pattern") && type == null && node.child("name") != null) {
            found.add(new Value.KindTest(tested, null, node.child("name").text(), node.span()));
        }
        Value of = type == null ? tested : new Value.Cast(CSharpTypes.type(type), tested, node.span());
        for (SyntaxNode clause : node.is("recursive_pattern") ? node.children() : List.<SyntaxNode>of()) {
            if (clause.is("positional_pattern_clause")) {
                byPlace(clause.children(), of, found);
            } else if (clause.is("property_pattern_clause")) {
                clause.children()
                        .stream()
                        .filter(part -> part.is("subpattern") && part.children().size() > 1)
                        .forEach(part -> found
                                .add(test(part.children().getLast(), named(part.children().getFirst(), of))));
            }
        }
        return found;
    }

    private void byPlace(List<SyntaxNode> parts, Value of, List<Value> found) {
        for (int place = 0; place < parts.size(); place++) {
            SyntaxNode part = parts.get(place).children().getLast();
            SourceSpan at = part.span();
            Value there = Value.Element.part(of, place, at);
            if (part.is("declaration_expression")) {
                found.add(
                        new Value.KindTest(there, CSharpTypes.held(part.child("type")), part.child("name").text(), at));
            } else if (part.kind().endsWith("pattern")) {
                found.add(test(part, there));
            }
        }
    }

    /** {@code Inner.Name} goes down two members. */
    private static Value named(SyntaxNode path, Value of) {
        Value at = of;
        for (String name : path.text().split("\\.")) {
            at = new Value.Member(at, name.strip(), path.span());
        }
        return at;
    }

    private Value whole(SyntaxNode node, Value tested) {
        SourceSpan at = node.span();
        SyntaxNode type = node.child("type");
        SyntaxNode name = node.child("name");
        return switch (node.kind()) {
            case "var_pattern" -> new Value.KindTest(tested, null, name == null ? null : name.text(), at);
            case "declaration_pattern", "type_pattern", "recursive_pattern" -> {
                TypeText asked = CSharpTypes.type(type != null
                        ? type
                        : node.is("type_pattern") ? node.children().getFirst() : null);
                String bound = name == null ? null : name.text();
                boolean any = asked == null && bound == null;
                yield asked == null && node.is("recursive_pattern")
                        ? Bodies.absent(tested, true, at)
                        : any
                                ? new Value.Computed("pattern", List.of(tested), at)
                                : new Value.KindTest(tested, asked, bound, at);
            }
            case "constant_pattern" -> {
                SyntaxNode constant = node.children().getFirst();
                if (constant.is("null_literal")) {
                    yield Bodies.absent(tested, false, at);
                }
                if (constant.is("invocation_expression")) {
                    yield new Value.KindTest(tested, TypeText.of(constant.child("function").text()), null, at);
                }
                boolean kind = constant.is("identifier") && Character.isUpperCase(constant.text().charAt(0));
                yield kind
                        ? new Value.KindTest(tested, TypeText.of(constant.text()), null, at)
                        : new Value.Same(tested, values.value(constant), false, at);
            }
            case "negated_pattern" -> {
                Value inner = test(node.children().getLast(), tested);
                yield inner instanceof Value.Same same
                        ? new Value.Same(same.left(), same.right(), !same.negated(), at)
                        : new Value.Computed("!", List.of(inner), at);
            }
            case "or_pattern", "and_pattern", "parenthesized_pattern" -> new Value.Computed(node.kind(),
                    node.children().stream().map(child -> test(child, tested)).toList(), at);
            default -> new Value.Computed("pattern", List.of(tested), at);
        };
    }
}
