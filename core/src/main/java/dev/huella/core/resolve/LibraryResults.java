package dev.huella.core.resolve;

import dev.huella.core.model.CodeType;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.List;

/** What calls give back of whose operation only the name is known. */
final class LibraryResults {
    private final Resolution world;

    LibraryResults(Resolution world) {
        this.world = world;
    }

    /**
     * Null when the name says nothing of it.
     *
     * @param bare true when it is called on nothing; {@code on} is then the object around it
     */
    Flow of(String name, Flow on, boolean bare, List<Flow> given) {
        LibraryKnowledge library = world.library;
        if (NameResolver.isType(on) && isKeptOnce(on.type().type()) && library.lists("handsOutOne", name)) {
            return Flow.of(new Origin.Result(null, on.first()), TypeUse.of(on.type().type()));
        }
        if (on.first() == Origin.UNKNOWN && !given.isEmpty() && library.lists("givesBackFirst", name)) {
            return given.getFirst();
        }
        if (!bare && library.lists("handsOutNamed", name)) {
            for (Flow one : given) {
                if (one.first() instanceof Origin.OfType(CodeType named)) {
                    return Flow.of(new Origin.Result(null, on.first()), TypeUse.of(named));
                }
            }
        }
        if (bare && given.size() == 1 && library.copiesDeep(name)) {
            Flow copied = given.getFirst();
            return new Flow(copied.origins().stream().map(LibraryResults::copy).toList(), copied.type());
        }
        CodeType type = on.type().dimensions() > 0 ? null : on.type().type();
        if (!bare && library.copies(name) && type != null && !type.external() && !NameResolver.isType(on)) {
            return Flow.of(new Origin.Result(null, on.first()), on.type());
        }
        return null;
    }

    private static Origin copy(Origin of) {
        return of instanceof Origin.Fresh || of == Origin.UNKNOWN ? of : Containers.copy(of, true);
    }

    /** Its library keeps the one object of the type. */
    private boolean isKeptOnce(CodeType type) {
        return world.supertypes.above(type).stream().anyMatch(world.library::madeOnce);
    }
}
