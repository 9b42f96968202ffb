package dev.huella.core.diagram;

import dev.huella.core.diagram.ClassDiagram.Member;
import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.model.Field;
import dev.huella.core.model.Multiplicity;
import dev.huella.core.model.Operation;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Which members of a type a box shows, and how UML writes them. */
final class BoxContents {
    private static final int LONGEST = 44;
    private final Set<Element> important;
    private final Set<Element> broken;
    private final Detail detail;
    private final int most;
    private final boolean onlyImportant;

    /**
     * Contents with some members put first.
     *
     * @param important shown before others, whatever the detail
     * @param broken marked as what an obligation breaks on
     * @param most how many of each compartment are shown; the rest is counted
     */
    BoxContents(Set<Element> important, Set<Element> broken, Detail detail, int most) {
        this(important, broken, detail, most, false);
    }

    private BoxContents(Set<Element> important, Set<Element> broken, Detail detail, int most, boolean onlyImportant) {
        this.important = important;
        this.broken = broken;
        this.detail = detail;
        this.most = most;
        this.onlyImportant = onlyImportant;
    }

    /** The same, without all that is not important. */
    BoxContents onlyImportant() {
        return new BoxContents(important, broken, detail, most, true);
    }

    static String stereotype(CodeType type) {
        return switch (type.kind()) {
            case INTERFACE -> "interface";
            case ENUM -> "enumeration";
            case RECORD -> "record";
            case FUNCTION -> "function";
            case TRAIT, MIXIN, PROTOCOL, OBJECT, MODULE, STRUCT -> type.kind().word();
            case CLASS -> type.external() ? "outside" : "";
        };
    }

    List<Member> fields(CodeType type) {
        if (type.external() || detail.level() == Detail.Level.NAMES) {
            return List.of();
        }
        return limited(type.declaredFields()
                .stream()
                .filter(field -> important.contains(field) || seen(field.modifiers().visibility(), type))
                .sorted(Comparator.comparing((Field field) -> !important.contains(field)))
                .map(this::member)
                .toList());
    }

    List<Member> operations(CodeType type) {
        if (type.external() || detail.level() == Detail.Level.NAMES) {
            return List.of();
        }
        return limited(type.declaredOperations()
                .stream()
                .filter(operation -> operation.kind() != Kind.INITIALISER)
                .filter(operation -> important.contains(operation)
                        || seen(operation.modifiers().visibility(), type))
                .sorted(Comparator.comparing((Operation operation) -> !important.contains(operation)))
                .map(this::member)
                .toList());
    }

    private boolean seen(Visibility visibility, CodeType type) {
        return !onlyImportant && (detail.level() == Detail.Level.ALL || type.kind() == TypeKind.FUNCTION
                || visibility == Visibility.PUBLIC);
    }

    private List<Member> limited(List<Member> all) {
        if (all.size() <= most) {
            return all;
        }
        List<Member> some = new ArrayList<>(all.subList(0, most - 1));
        some.add(new Member(null, "and %d more".formatted(all.size() - most + 1), false, false, false));
        return some;
    }

    private Member member(Field field) {
        String many = field.held().many() == Multiplicity.ONE ? "" : " [" + field.held().many().text() + "]";
        String type = field.held().container() == null || field.held().type().text().isEmpty()
                ? text(field)
                : field.held().type().text();
        String line = field.kind() == FieldDeclared.Kind.CONSTANT
                ? field.name()
                : "%s %s%s%s".formatted(field.modifiers().visibility().sign(), field.name(),
                        type.isEmpty() ? "" : ": " + type, many);
        return new Member(field, shortened(line), field.isStatic() && field.kind() != FieldDeclared.Kind.CONSTANT,
                false, broken.contains(field));
    }

    private static String text(Field field) {
        return field.type().text() + "[]".repeat(field.type().dimensions());
    }

    private Member member(Operation operation) {
        String parameters = detail.parameters()
                ? operation.parameters()
                        .stream()
                        .map(parameter -> parameter.type().text().isEmpty()
                                ? parameter.name()
                                : parameter.type().text() + "[]".repeat(parameter.type().dimensions()))
                        .collect(Collectors.joining(", "))
                : "";
        String given = operation.returns().text() + "[]".repeat(operation.returns().dimensions());
        boolean silent = operation.isConstructor() || operation.returns().isVoid() || given.isEmpty()
                || !detail.parameters();
        String line = "%s %s(%s)%s".formatted(operation.modifiers().visibility().sign(), operation.name(), parameters,
                silent ? "" : ": " + given);
        return new Member(operation, shortened(line), operation.isStatic(), operation.isAbstract(),
                broken.contains(operation));
    }

    private static String shortened(String line) {
        return line.length() <= LONGEST ? line : line.substring(0, LONGEST - 1) + "…";
    }
}
