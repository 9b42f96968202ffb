package dev.huella.core.resolve;

import dev.huella.core.facts.Value;
import dev.huella.core.model.Flow;
import dev.huella.core.model.Origin;
import dev.huella.core.model.Setting;
import dev.huella.core.model.TypeUse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Local variables and parameters in sight, block within block. */
final class BodyScope {
    private final BodyScope outer;
    private final Map<String, Local> locals = new HashMap<>(4);
    /** What tests found names and members to be, as they are written; null where nothing was found. */
    private Map<String, TypeUse> kinds;

    BodyScope(BodyScope outer) {
        this.outer = outer;
    }

    /** A variable with everything it has been given so far. */
    static final class Local {
        private final List<Origin> origins = new ArrayList<>(2);
        private TypeUse type;
        private Value.Function function;
        /** Where it was declared; null for parameters and elements. */
        private final Block block;
        /** Where it was given something since it began with nothing; null when it did not, or surely has something now. */
        private List<Setting> given;

        Local(Flow first, TypeUse type, Block block) {
            this.type = type;
            this.block = block;
            first.origins().forEach(this::add);
            given = block != null && first.origins().equals(List.of(Origin.NOTHING)) ? new ArrayList<>(2) : null;
        }

        private void add(Origin origin) {
            if (!origins.contains(origin) && origins.size() < 8) {
                origins.add(origin);
            }
        }

        /** In the block that declares it, what it is given takes the place of what it was; elsewhere it may be either. */
        void assign(Flow flow, Setting within) {
            boolean instead = block != null && block.within == within;
            if (instead) {
                origins.clear();
                given = flow.origins().equals(List.of(Origin.NOTHING)) ? new ArrayList<>(2) : null;
            } else if (given != null) {
                given.add(within);
            }
            or(flow);
            if (type.isUnknown() || instead && block.anyType && !flow.type().isUnknown()) {
                type = flow.type();
            }
        }

        /** It may be that as well. */
        void or(Flow flow) {
            origins.remove(Origin.NOTHING);
            origins.remove(Origin.UNKNOWN);
            flow.origins().forEach(this::add);
        }

        /** A container that was made here is filled from another one: it holds those elements. */
        void fill(Flow from) {
            origins.removeIf(origin -> origin instanceof Origin.Fresh || origin instanceof Origin.Constant);
            or(from);
            type = type.isUnknown() || type.dimensions() > 0 && type.element().isUnknown() ? from.type() : type;
        }

        /** What it holds at the end of a way through the body, where some ways may have left it with nothing. */
        Flow flow(Body body) {
            boolean unset = given != null && !given.isEmpty() && !new Assigned(given, body).on(block.within);
            return unset
                    ? new Flow(Stream.concat(origins.stream(), Stream.of(Origin.NOTHING)).distinct().toList(), type)
                    : flow();
        }

        /** It was given a function when nothing said what is asked of it; what it is shows where it is handed on. */
        void holds(Value given) {
            function = given instanceof Value.Function written && type.isUnknown() ? written : null;
        }

        /** The function it holds as written; null when it holds none, or one whose type is known. */
        Value.Function function() {
            return function;
        }

        Flow flow() {
            return new Flow(origins.isEmpty() ? List.of(Origin.UNKNOWN) : origins, type);
        }
    }

    /** From here on, what is written so is of this kind; of an unknown one when that is no longer sure. */
    void take(String path, TypeUse kind) {
        if (kinds == null) {
            kinds = new HashMap<>(4);
        }
        kinds.put(path, kind);
    }

    /** What is written so was found to be of this kind; unknown when nothing was found. */
    TypeUse kind(String path) {
        int dot = path.indexOf('.');
        String first = dot < 0 ? path : path.substring(0, dot);
        for (BodyScope at = this; at != null; at = at.outer) {
            TypeUse found = at.kinds == null ? null : at.kinds.get(path);
            if (found != null || at.locals.containsKey(first)) {
                return found == null ? TypeUse.UNKNOWN : found;
            }
        }
        return TypeUse.UNKNOWN;
    }

    /** A parameter, or an element that is gone through. */
    void declare(String name, Flow first, TypeUse type) {
        locals.put(name, new Local(first, type, null));
    }

    /** A variable that is declared in this block; it may hold anything when no type is written and the language lets it. */
    void declare(String name, Flow first, TypeUse written, Block block) {
        locals.put(name, new Local(first, written.isUnknown() ? first.type() : written, block));
    }

    /**
     * Where a variable is declared.
     *
     * @param anyType what it is given later may be of any type
     */
    record Block(Setting within, boolean anyType) {}

    /** Null when there is no such variable. */
    Local find(String name) {
        for (BodyScope at = this; at != null; at = at.outer) {
            Local local = at.locals.get(name);
            if (local != null) {
                return local;
            }
        }
        return null;
    }
}
