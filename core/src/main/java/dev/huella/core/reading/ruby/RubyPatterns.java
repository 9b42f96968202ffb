package dev.huella.core.reading.ruby;

import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Value.Literal;
import dev.huella.core.reading.LocalNames;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;

/** Reads the patterns of {@code case}, {@code in} and {@code =>} as tests of what they are held against. */
final class RubyPatterns {
    private final LocalNames names;

    /**
     * For one body.
     *
     * @param names told of the variables that patterns bring
     */
    RubyPatterns(LocalNames names) {
        this.names = names;
    }

    /** What the patterns of a branch ask of the value and of its parts, one test for each alternative. */
    List<Value> labels(SyntaxNode pattern, Value on) {
        if (pattern == null) {
            return List.of();
        }
        if (pattern.is("alternative_pattern")) {
            return pattern.children().stream().flatMap(one -> labels(one, on).stream()).toList();
        }
        return List.of(test(pattern, on));
    }

    /** What a pattern asks of the value, and of its parts. */
    Value test(SyntaxNode pattern, Value on) {
        List<Value> tests = new ArrayList<>();
        collect(pattern, on, tests);
        return tests.size() == 1 ? tests.getFirst() : new Value.Computed("&&", tests, pattern.span());
    }

    /** The variables that a pattern brings, where the value is taken to be as it says. */
    List<Step> taken(SyntaxNode pattern, Value on) {
        List<Value> tests = new ArrayList<>();
        collect(pattern, on, tests);
        List<Step> steps = new ArrayList<>();
        for (Value test : tests) {
            if (test instanceof Value.KindTest(Value value, var type, String name, var at) && name != null) {
                steps.add(new Step.Declare(name, null, type == null ? value : new Value.Cast(type, value, at), at));
            }
        }
        return steps;
    }

    private void collect(SyntaxNode pattern, Value on, List<Value> tests) {
        SourceSpan at = pattern.span();
        switch (pattern.kind()) {
            case "identifier" -> tests.add(bound(on, null, pattern.text(), at));
            case "constant", "scope_resolution" ->
                tests.add(new Value.KindTest(on, RubyMacros.type(pattern), null, at));
            case "as_pattern" -> {
                SyntaxNode asked = pattern.child("value");
                boolean kind = asked.is("constant") || asked.is("scope_resolution");
                if (!kind) {
                    collect(asked, on, tests);
                }
                tests.add(bound(on, kind ? RubyMacros.type(asked) : null, pattern.child("name").text(), at));
            }
            case "array_pattern", "hash_pattern" -> parts(pattern, on, tests);
            default -> tests.add(new Literal(Literal.Kind.TEXT, pattern.text(), at));
        }
    }

    private Value bound(Value value, TypeText type, String name, SourceSpan at) {
        names.assigned(new Value.Name(name, at));
        return new Value.KindTest(value, type, name, at);
    }

    private void parts(SyntaxNode pattern, Value on, List<Value> tests) {
        SyntaxNode type = pattern.child("class");
        Value of = on;
        if (type != null) {
            tests.add(new Value.KindTest(on, RubyMacros.type(type), null, pattern.span()));
            of = new Value.Cast(RubyMacros.type(type), on, pattern.span());
        }
        int place = 0;
        for (SyntaxNode part : pattern.children()) {
            SourceSpan at = part.span();
            if (part.is("keyword_pattern")) {
                String key = part.child("key").text();
                Value there = new Value.Call(of, key, List.of(), at);
                if (part.child("value") == null) {
                    tests.add(bound(there, null, key, at));
                } else {
                    collect(part.child("value"), there, tests);
                }
            } else if (!part.kind().startsWith("splat") && !"class".equals(part.field())) {
                collect(part, Value.Element.part(of, place++, at), tests);
            }
        }
        if (tests.isEmpty()) {
            tests.add(new Literal(Literal.Kind.TEXT, pattern.text(), pattern.span()));
        }
    }
}
