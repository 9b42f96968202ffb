package dev.huella.core.molde.clause;

import com.google.auto.service.AutoService;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.model.Operation;
import dev.huella.core.molde.Clause;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Stream;

/** {@code <type> does much beside what <type> asks} */
@AutoService(Clause.class)
public final class DoesMuchBeside implements Clause.Listed {
    private static final int MUCH = 4;

    @Override
    public String syntax() {
        return "{type} does much beside what {type} asks";
    }

    @Override
    public String meaning() {
        return "The first is below the second and offers four or more open operations that the second does not.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : model.types()) {
            Set<String> own = offered(type);
            for (CodeType above : own.size() < MUCH ? Set.<CodeType>of() : Hierarchy.above(type)) {
                Set<String> beside = new HashSet<>(own);
                beside.removeAll(offered(above));
                if (beside.size() >= MUCH) {
                    into.add(type.place(), type, above);
                }
            }
        }
    }

    private static Set<String> offered(CodeType type) {
        Set<String> names = new HashSet<>();
        Stream.concat(Stream.of(type), Hierarchy.above(type).stream())
                .flatMap(one -> one.operations().stream())
                .filter(DoesMuchBeside::isOpen)
                .forEach(operation -> names.add(operation.name()));
        return names;
    }

    private static boolean isOpen(Operation operation) {
        return operation.kind() == Kind.OPERATION && !operation.isStatic()
                && operation.modifiers().visibility() != Visibility.PRIVATE
                && operation.modifiers().visibility() != Visibility.PROTECTED
                && !operation.modifiers().has(Mark.GETTER);
    }
}
