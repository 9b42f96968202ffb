package dev.huella.core.reading.python;

import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.WrittenType;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;

/** Reads the patterns of {@code match} as tests of what they are held against. */
final class PythonPatterns {
    private PythonPatterns() {}

    /** True for a pattern that is nothing but a new name. */
    static boolean takesAny(SyntaxNode pattern) {
        SyntaxNode name = inner(pattern);
        return name.is("dotted_name") && name.children().size() == 1 && !name.text().equals("_");
    }

    /** What a pattern asks of the value, and of its parts. */
    static Value test(SyntaxNode pattern, Value on) {
        List<Value> tests = new ArrayList<>();
        collect(inner(pattern), on, tests);
        return tests.size() == 1 ? tests.getFirst() : new Value.Computed("&&", tests, pattern.span());
    }

    private static SyntaxNode inner(SyntaxNode pattern) {
        return pattern.is("case_pattern") && !pattern.children().isEmpty() ? pattern.children().getFirst() : pattern;
    }

    private static void collect(SyntaxNode pattern, Value on, List<Value> tests) {
        SourceSpan at = pattern.span();
        switch (pattern.kind()) {
            case "class_pattern" -> {
                TypeText type = WrittenType.of(pattern.children().getFirst().text());
                tests.add(new Value.KindTest(on, type, null, at));
                parts(pattern, new Value.Cast(type, on, at), tests);
            }
            case "as_pattern" -> {
                collect(inner(pattern.children().getFirst()), on, tests);
                TypeText type = tests.getFirst() instanceof Value.KindTest kind ? kind.type() : null;
                tests.add(new Value.KindTest(on, type, pattern.children().getLast().text(), at));
            }
            default -> tests.add(takesAny(pattern)
                    ? new Value.KindTest(on, null, pattern.text(), at)
                    : new Literal(Literal.Kind.TEXT, pattern.text(), at));
        }
    }

    /** By place, {@code Buoy(a, b)}, or by name, {@code Buoy(name=a)}. */
    private static void parts(SyntaxNode pattern, Value of, List<Value> tests) {
        List<SyntaxNode> parts = pattern.children().stream().filter(part -> part.is("case_pattern")).toList();
        for (int place = 0; place < parts.size(); place++) {
            SyntaxNode part = inner(parts.get(place));
            SourceSpan at = part.span();
            if (part.is("keyword_pattern")) {
                collect(inner(part.children().getLast()),
                        new Value.Member(of, part.children().getFirst().text(), at), tests);
            } else if (!part.text().equals("_")) {
                collect(part, Value.Element.part(of, place, at), tests);
            }
        }
    }
}
