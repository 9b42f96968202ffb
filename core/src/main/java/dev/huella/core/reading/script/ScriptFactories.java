package dev.huella.core.reading.script;

import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/** Classes that a function makes from an object with their members: {@code Base.extend({…})}, {@code new Class({…})}. */
final class ScriptFactories {
    private static final Pattern BASE = Pattern.compile("(?:[\\w$]+\\.)*([A-Z][\\w$]*)");
    /** Receivers that put one object's members into another instead. */
    private static final Set<String> COPYING = Set.of("Object", "Util", "Utils", "Helper", "Helpers", "Tools");
    private static final Set<String> CONSTRUCTORS = Set.of("initialize", "constructor");
    private static final Set<String> BASES = Set.of("Extends", "extend", "Implements", "Mixins", "includes");
    /** What the first of such classes is called: nothing of the code stands behind it. */
    private static final String ROOT = "Class";

    private ScriptFactories() {}

    /** Null when the value makes no class, or its holder is not named like one. */
    static TypeDeclared made(SyntaxNode value, String holder) {
        String name = holder.substring(holder.lastIndexOf('.') + 1);
        SyntaxNode members = value == null || name.isEmpty() || !Character.isUpperCase(name.charAt(0))
                ? null
                : members(value);
        if (members == null) {
            return null;
        }
        var parts = new TypeParts(TypeKind.CLASS, name);
        ScriptClosures.members(members, parts, Map.of());
        members.children().forEach(new ScriptMembers(parts)::assigned);
        parts.operations().replaceAll(one -> CONSTRUCTORS.contains(one.name()) ? constructor(one, name) : one);
        bases(value, members, parts);
        parts.fields().removeIf(field -> BASES.contains(field.name()));
        return parts.modifiers(ScriptTypes.PUBLIC).at(value);
    }

    /** The object that lists the members of the class; null for anything else. */
    private static SyntaxNode members(SyntaxNode value) {
        SyntaxNode called = value.is("call_expression") ? value.child("function") : null;
        boolean extended = called != null && called.is("member_expression")
                && called.child("property").text().equals("extend") && base(called.child("object").text()) != null;
        boolean made = value.is("new_expression") && value.child("constructor").text().equals(ROOT);
        SyntaxNode arguments = extended || made ? value.child("arguments") : null;
        SyntaxNode last = arguments == null || arguments.children().isEmpty() ? null : arguments.children().getLast();
        return last != null && last.is("object") && ScriptClosures.hasFunctions(last) ? last : null;
    }

    private static String base(String receiver) {
        var matcher = BASE.matcher(receiver);
        return matcher.matches() && !COPYING.contains(matcher.group(1)) ? matcher.group(1) : null;
    }

    private static void bases(SyntaxNode value, SyntaxNode members, TypeParts into) {
        String base = value.is("call_expression") ? base(value.child("function").child("object").text()) : ROOT;
        if (!ROOT.equals(base)) {
            into.extended().add(TypeText.of(base));
        }
        for (SyntaxNode member : members.children()) {
            SyntaxNode given = member.is("pair") && BASES.contains(ScriptMembers.name(member.child("key")))
                    ? member.child("value")
                    : null;
            for (SyntaxNode one : given == null
                    ? List.<SyntaxNode>of()
                    : given.is("array") ? given.children() : List.of(given)) {
                if (base(one.text()) != null) {
                    into.extended().add(TypeText.of(base(one.text())));
                }
            }
        }
    }

    private static OperationDeclared constructor(OperationDeclared one, String name) {
        return new OperationDeclared(name, Kind.CONSTRUCTOR, one.modifiers(), one.typeParameters(), one.parameters(),
                null, one.body(), one.inner(), one.at());
    }
}
