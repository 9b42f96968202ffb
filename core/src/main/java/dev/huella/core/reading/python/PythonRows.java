package dev.huella.core.reading.python;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Value;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.source.SourceSpan;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Classes of rows with named parts, which the library makes from a list of names. */
final class PythonRows {
    private PythonRows() {}

    private static boolean makes(SyntaxNode value) {
        return value != null && value.is("call")
                && value.child("function").text().matches("(collections\\.)?namedtuple");
    }

    /** {@code Name = namedtuple("Name", "one other")}; null for all else. */
    static TypeDeclared named(SyntaxNode assignment) {
        SyntaxNode name = assignment.child("left");
        if (name == null || !name.is("identifier") || !makes(assignment.child("right"))) {
            return null;
        }
        var parts = new TypeParts(TypeKind.CLASS, name.text());
        components(assignment.child("right"), parts);
        return parts.fields().isEmpty() ? null : parts.modifiers(PythonTypes.visibility(name.text())).at(assignment);
    }

    /** {@code class Name(namedtuple("Name", "one other"))} */
    static void inherited(SyntaxNode bases, TypeParts into) {
        if (bases != null) {
            bases.children().stream().filter(PythonRows::makes).forEach(call -> components(call, into));
        }
    }

    /** A field for each name, and a constructor that sets them unless the class has one of its own. */
    private static void components(SyntaxNode call, TypeParts into) {
        List<SyntaxNode> given = call.child("arguments").children();
        SourceSpan at = call.span();
        List<ParameterDeclared> parameters = new ArrayList<>();
        List<Step> steps = new ArrayList<>();
        for (String name : given.size() < 2 ? List.<String>of() : names(given.get(1))) {
            into.fields()
                    .add(new FieldDeclared(name, null, PythonTypes.PUBLIC.with(Mark.FINAL),
                            FieldDeclared.Kind.COMPONENT, null, List.of(), at));
            parameters.add(new ParameterDeclared(name, null));
            steps.add(new Step.Do(new Value.Assign(new Value.Member(new Value.Self(null, at), name, at),
                    new Value.Name(name, at), true, at), at));
        }
        boolean made = into.operations()
                .stream()
                .anyMatch(one -> one.kind() == Kind.CONSTRUCTOR || one.name().equals("__new__"));
        if (!made && !parameters.isEmpty()) {
            into.operations()
                    .addFirst(new OperationDeclared(into.name(), Kind.CONSTRUCTOR, PythonTypes.PUBLIC, List.of(),
                            parameters, null, steps, List.of(), at));
        }
    }

    private static List<String> names(SyntaxNode list) {
        Stream<String> texts = list.is("string")
                ? Stream.of(list.text())
                : list.children().stream().filter(one -> one.is("string")).map(SyntaxNode::text);
        return texts.flatMap(text -> Stream.of(text.replaceAll("[^\\w]+", " ").strip().split(" ")))
                .filter(name -> name.matches("[A-Za-z_]\\w*"))
                .toList();
    }
}
