package dev.huella.core.molde.clause;

import dev.huella.core.resolve.LibraryKnowledge;
import java.util.Arrays;
import java.util.stream.Stream;
import com.google.auto.service.AutoService;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Clause;

/** {@code <type> is an iterator} */
@AutoService(Clause.class)
public final class IsAnIterator implements Clause.Listed {

    @Override
    public String syntax() {
        return "{type} is an iterator";
    }

    @Override
    public String meaning() {
        return "It follows the protocol of the language for stepping through something.";
    }

    @Override
    public void rows(Model model, Rows into) {
        for (CodeType type : Deeds.allTypes(model)) {
            var library = LibraryKnowledge.of(type);
            if (library.iterator(type) || hasMembers(type, library)
                    || Hierarchy.above(type).stream().anyMatch(library::stepsThrough)) {
                into.add(type.place(), type);
            }
        }
    }

    /** Where the language asks for nothing but operations of certain names, with no type above. */
    private static boolean hasMembers(CodeType type, LibraryKnowledge library) {
        return !type.external() && library.names("iteratorMembers")
                .stream()
                .anyMatch(members -> Arrays.stream(members.split(" ")).allMatch(name -> offers(type, name)));
    }

    private static boolean offers(CodeType type, String name) {
        return Stream.concat(Stream.of(type), Hierarchy.above(type).stream())
                .flatMap(one -> one.operations().stream())
                .anyMatch(operation -> operation.name().equals(name));
    }
}
