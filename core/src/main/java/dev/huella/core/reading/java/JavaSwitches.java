package dev.huella.core.reading.java;

import dev.huella.core.facts.Step;
import dev.huella.core.facts.Step.Branch;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.reading.SyntaxNode;
import java.util.ArrayList;
import java.util.List;

/** Reads switches, as steps and as values, with arrows and with colons. */
final class JavaSwitches {
    private JavaSwitches() {}

    static Step step(SyntaxNode node, JavaBodies bodies) {
        Value on = bodies.values().value(node.child("condition"));
        List<Branch> branches = branches(node, on, bodies, false);
        return new Step.Choose(on, branches, complete(branches), node.span());
    }

    static Value value(SyntaxNode node, JavaBodies bodies) {
        Value on = bodies.values().value(node.child("condition"));
        return new Value.Either(on, branches(node, on, bodies, true), true, node.span());
    }

    private static boolean complete(List<Branch> branches) {
        return branches.stream().anyMatch(branch -> branch.labels().isEmpty());
    }

    private static List<Branch> branches(SyntaxNode node, Value on, JavaBodies bodies, boolean asValue) {
        List<Branch> found = new ArrayList<>();
        SyntaxNode body = node.child("body");
        for (SyntaxNode group : body == null ? List.<SyntaxNode>of() : body.children()) {
            List<Value> labels = new ArrayList<>();
            List<Step> steps = new ArrayList<>();
            boolean rest = false;
            for (SyntaxNode child : group.children()) {
                if (child.is("switch_label")) {
                    rest |= !label(child, on, bodies, labels, steps);
                } else if (asValue && group.is("switch_rule") && child.is("expression_statement")) {
                    steps.add(new Step.Yield(bodies.values().value(child.children().getFirst()), child.span()));
                } else {
                    steps.addAll(bodies.block(child));
                }
            }
            boolean last = !steps.isEmpty() && steps.getLast() instanceof Step.Leave leave && leave.whole();
            found.add(new Branch(rest ? List.of() : labels, last ? steps.subList(0, steps.size() - 1) : steps));
        }
        return found;
    }

    /** False for a label that takes whatever is left. */
    private static boolean label(SyntaxNode label, Value on, JavaBodies bodies, List<Value> labels, List<Step> steps) {
        boolean any = false;
        for (SyntaxNode child : label.children()) {
            if (child.is("pattern")) {
                labels.add(pattern(child.children().getFirst(), on, steps));
                any = true;
            } else if (child.is("guard")) {
                bodies.block(child.children().getFirst()).forEach(steps::add);
            } else {
                labels.add(bodies.values().value(child));
                any = true;
            }
        }
        return any && label.tokens().stream().noneMatch(token -> token.is("default"));
    }

    /** What a record pattern asks: of the record, then of each part in order, with the variable that a part is bound to. */
    static List<Value> tests(SyntaxNode pattern, Value on) {
        TypeText written = JavaTypeTexts.type(pattern.children().getFirst());
        TypeText type = new TypeText(JavaMasks.dotted(written.name()), written.arguments(), 0);
        List<Value> tests = new ArrayList<>();
        tests.add(new Value.KindTest(on, type, null, pattern.span()));
        SyntaxNode body = pattern.first("record_pattern_body");
        List<SyntaxNode> parts = body == null ? List.of() : body.children();
        for (int i = 0; i < parts.size(); i++) {
            SyntaxNode part = parts.get(i);
            Value of = Value.Element.part(new Value.Cast(type, on, part.span()), i, part.span());
            if (part.is("record_pattern")) {
                tests.addAll(tests(part, of));
            } else if (part.is("record_pattern_component") && part.children().size() > 1) {
                tests.add(new Value.KindTest(of, JavaTypeTexts.type(part.children().getFirst()),
                        part.children().getLast().text(), part.span()));
            }
        }
        return tests;
    }

    /** A pattern as a test of kind; variables in it come to be as first steps of what follows. */
    static Value pattern(SyntaxNode pattern, Value on, List<Step> steps) {
        if (pattern.is("record_pattern")) {
            List<Value> tests = tests(pattern, on);
            for (Value test : tests) {
                if (test instanceof Value.KindTest(Value part, TypeText type, String name, var at) && name != null) {
                    steps.add(new Step.Declare(name, type, part, at));
                }
            }
            return tests.getFirst();
        }
        List<SyntaxNode> parts = pattern.children().stream().filter(part -> !part.is("modifiers")).toList();
        TypeText type = JavaTypeTexts.type(parts.getFirst());
        String binding = parts.size() > 1 ? parts.getLast().text() : null;
        return new Value.KindTest(on, type == null ? TypeText.of("Object") : type, binding, pattern.span());
    }
}
