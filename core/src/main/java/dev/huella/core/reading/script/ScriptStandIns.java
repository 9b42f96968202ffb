package dev.huella.core.reading.script;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.Visibility;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import java.util.List;

/** {@code new Proxy(target, { get(target, name) { … } })}: an object that the language asks first for all that is asked of another. */
final class ScriptStandIns {
    private ScriptStandIns() {}

    /** The object of what the language asks, when that is what a function gives back; else null. */
    static SyntaxNode made(SyntaxNode function) {
        SyntaxNode given = ScriptClosures.given(function);
        if (given == null || !given.is("new_expression") || !given.child("constructor").text().equals("Proxy")
                || given.child("arguments") == null || given.child("arguments").children().size() != 2) {
            return null;
        }
        List<SyntaxNode> arguments = given.child("arguments").children();
        SyntaxNode asked = arguments.getLast();
        return arguments.getFirst().is("identifier") && asked.is("object") && ScriptClosures.hasFunctions(asked)
                ? asked
                : null;
    }

    /** What the function's variables hold is its state; all that is asked goes on to one of them. */
    static TypeDeclared type(SyntaxNode function, SyntaxNode asked, String name) {
        String target = ScriptClosures.given(function).child("arguments").children().getFirst().text();
        TypeDeclared closure = ScriptClosures.closure(function, asked, name, false);
        var parts = new TypeParts(closure.kind(), name);
        for (FieldDeclared field : closure.fields()) {
            parts.fields().add(field.name().equals(target) ? field.with(Mark.DELEGATE) : field);
        }
        for (OperationDeclared one : closure.operations()) {
            Modifiers modifiers = one.kind() == Kind.OPERATION
                    ? one.modifiers().with(Visibility.PRIVATE)
                    : one.modifiers();
            parts.operations()
                    .add(new OperationDeclared(one.name(), one.kind(), modifiers, one.typeParameters(),
                            one.parameters(), one.returns(), one.body(), one.inner(), one.at()));
        }
        return parts.modifiers(ScriptTypes.PUBLIC).at(function);
    }
}
