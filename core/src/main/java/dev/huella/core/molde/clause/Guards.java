package dev.huella.core.molde.clause;

import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Deed;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.resolve.LibraryKnowledge;
import dev.huella.core.resolve.Rule;
import java.util.List;

/** What keeps threads and strangers out. */
final class Guards {
    private Guards() {}

    /** True for what only one thread at a time can do. */
    static boolean locked(Operation operation, Setting within) {
        return Setting.inside(within, Setting.Kind.LOCK) || operation.modifiers().has(Mark.SYNCHRONIZED)
                || operation.deeds().stream().anyMatch(deed -> locks(operation, deed));
    }

    private static boolean locks(Operation operation, Deed deed) {
        var library = LibraryKnowledge.of(operation.home());
        return switch (deed) {
            case Deed.Calls calls -> library.guards(calls.name());
            case Deed.Creates creates -> library.guards(creates.type().name());
            default -> false;
        };
    }

    /** Asked before the lock and again behind it. */
    static boolean askedTwice(Operation operation, Field field, Setting within) {
        int asked = 0;
        for (Setting at = within; at != null; at = at.outer()) {
            boolean branch = at.kind() == Setting.Kind.ABSENCE || at.kind() == Setting.Kind.PRESENCE
                    || at.kind() == Setting.Kind.BRANCH || at.kind() == Setting.Kind.REST;
            boolean about = at.about()
                    .stream()
                    .flatMap(flow -> flow.origins().stream())
                    .anyMatch(origin -> Origins.field(origin) == field);
            asked += branch && about ? 1 : 0;
        }
        return asked > 1 && locked(operation, within);
    }

    /** All constructors are for the type and its subtypes only. Copying ones of C++ do not count. */
    static boolean closed(CodeType type) {
        List<Operation> constructors = type.operations()
                .stream()
                .filter(Operation::isConstructor)
                .filter(constructor -> !copies(constructor))
                .toList();
        if (constructors.isEmpty() && LibraryKnowledge.of(type).rule(Rule.INHERITS_CONSTRUCTORS)) {
            return Hierarchy.above(type).stream().anyMatch(above -> !above.external() && closed(above));
        }
        return !constructors.isEmpty() && constructors.stream()
                .allMatch(constructor -> constructor.modifiers().visibility() == Visibility.PRIVATE
                        || constructor.modifiers().visibility() == Visibility.PROTECTED || isBarred(constructor));
    }

    /**
     * Where nothing can be hidden, a constructor may still throw: always, since objects are made around it, or unless
     * it is handed something that the type or its module keeps, or the type says by a sign of its own that it is making.
     */
    private static boolean isBarred(Operation constructor) {
        return constructor.deeds()
                .stream()
                .anyMatch(deed -> deed instanceof Deed.Throws && (deed.within() == null
                        || deed.within().outer() == null && (isAboutKeptThing(constructor, deed.within())
                                || isAboutHiddenFlag(constructor, deed.within()))));
    }

    /** A sign that only the type itself can give. */
    private static boolean isAboutHiddenFlag(Operation constructor, Setting within) {
        return within.about()
                .stream()
                .anyMatch(flow -> Switches.isTruth(flow)
                        && Origins.field(flow.first()) instanceof Field flag && flag.home() == constructor.home()
                        && flag.isStatic() && flag.modifiers().visibility() == Visibility.PRIVATE);
    }

    private static boolean isAboutKeptThing(Operation constructor, Setting within) {
        List<Origin> about = within.about().stream().flatMap(flow -> flow.origins().stream()).toList();
        return about.stream().anyMatch(origin -> Origins.parameter(origin, constructor) != null)
                && about.stream()
                        .anyMatch(origin -> Origins.field(origin) instanceof Field field
                                && field.home().outermost() == constructor.home().outermost()
                                && field.modifiers().has(Mark.STATIC)
                                || Origins.field(origin) instanceof Field kept
                                        && kept.home().kind() == TypeKind.MODULE);
    }

    /** True for a constructor of C++ that makes an object from another of its type. */
    static boolean copies(Operation constructor) {
        return constructor.home().language().equals("cpp") && constructor.parameters().size() == 1
                && constructor.parameters().getFirst().type().erased() == constructor.home();
    }
}
