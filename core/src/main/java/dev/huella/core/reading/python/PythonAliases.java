package dev.huella.core.reading.python;

import dev.huella.core.facts.FileFacts.AliasSeen;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeDeclared.Standing;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.reading.TypeParts;
import dev.huella.core.reading.WrittenType;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Names for types: {@code type Rows = dict[str, Row]}, {@code Rows: TypeAlias = …} and {@code Rows = dict[str, Row]}. The
 * type of a function becomes a type of its own.
 */
final class PythonAliases {
    private static final Pattern OF_TYPES = Pattern.compile(
            "(?:typing\\.)?(?:dict|list|set|frozenset|tuple|type|Dict|List|Set|Tuple|Mapping|Sequence|Iterable|Optional|Union|Literal)\\[.*",
            Pattern.DOTALL);

    private static final Pattern UNION = Pattern.compile("(?:typing\\.)?Union\\[(.*)\\]", Pattern.DOTALL);
    /** As classes are written. */
    private static final Pattern CLASS = Pattern.compile("(?:\\w+\\.)*[A-Z]\\w*[a-z]\\w*");

    private PythonAliases() {}

    /** A new name for a type; null for anything else. */
    static AliasSeen seen(SyntaxNode node) {
        SyntaxNode left = node.child("left");
        SyntaxNode right = node.child("right");
        SyntaxNode type = node.child("type");
        boolean says = node.is("type_alias_statement") || type != null && type.text().endsWith("TypeAlias");
        if (left == null || right == null || !says && (type != null || !left.is("identifier")
                || !OF_TYPES.matcher(right.text()).matches())) {
            return null;
        }
        TypeText meant = WrittenType.of(right.text());
        return meant == null ? null : new AliasSeen(left.text().replaceAll("\\[.*", ""), meant);
    }

    /** A name for a function's type is a type with one operation, one for several classes a choice; null for all else. */
    static TypeDeclared declared(SyntaxNode node) {
        SyntaxNode left = node.child("left");
        SyntaxNode right = node.child("right");
        boolean named = left != null && right != null && (left.is("identifier") || left.is("type"));
        if (named && !kinds(right.text()).isEmpty()) {
            var parts = new TypeParts(TypeKind.INTERFACE, left.text()).standing(Standing.CHOICE);
            parts.extended().addAll(kinds(right.text()));
            return parts.modifiers(PythonTypes.PUBLIC.with(Mark.ABSTRACT)).at(node);
        }
        boolean plain = named && right.text().matches("(?s)(typing\\.|collections\\.abc\\.)?Callable\\[.*");
        TypeText type = plain ? WrittenType.of(right.text()) : null;
        if (type == null || !type.isFunction()) {
            return null;
        }
        return function(type, left.text(), node);
    }

    /** The classes in {@code One | Other} and {@code Union[One, Other]}; empty when there are others in it. */
    private static List<TypeText> kinds(String text) {
        Matcher union = UNION.matcher(text.strip());
        List<String> parts = union.matches() ? List.of(union.group(1).split(",")) : List.of(text.split("\\|"));
        List<String> names = parts.stream().map(String::strip).filter(part -> !part.isEmpty()).distinct().toList();
        boolean flags = !union.matches() && text.contains("."); // members joined by the same sign
        boolean classes = names.size() > 1 && !flags && names.stream().allMatch(name -> CLASS.matcher(name).matches());
        return classes ? names.stream().map(TypeText::of).toList() : List.of();
    }

    private static TypeDeclared function(TypeText type, String name, SyntaxNode node) {
        var parts = new TypeParts(TypeKind.FUNCTION, name);
        List<ParameterDeclared> parameters = new ArrayList<>();
        for (TypeText one : type.arguments().subList(0, type.arguments().size() - 1)) {
            parameters.add(new ParameterDeclared("p" + parameters.size(), one));
        }
        parts.operations()
                .add(new OperationDeclared(Value.APPLY, Kind.OPERATION, PythonTypes.PUBLIC.with(Mark.ABSTRACT),
                        List.of(), parameters, type.arguments().getLast(), null, List.of(),
                        node.child("right").span()));
        return parts.modifiers(PythonTypes.PUBLIC.with(Mark.ABSTRACT)).at(node);
    }
}
