package dev.huella.core.resolve;

import dev.huella.core.model.Flow;
import dev.huella.core.model.Origin;
import dev.huella.core.model.TypeUse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Local variables and parameters in sight, block within block. */
final class BodyScope {
    private final BodyScope outer;
    private final Map<String, Local> locals = new HashMap<>(4);

    BodyScope(BodyScope outer) {
        this.outer = outer;
    }

    /** A variable with everything it has been given so far. */
    static final class Local {
        private final List<Origin> origins = new ArrayList<>(2);
        private TypeUse type;

        Local(Flow first, TypeUse type) {
            this.type = type;
            first.origins().forEach(this::add);
        }

        private void add(Origin origin) {
            if (!origins.contains(origin) && origins.size() < 8) {
                origins.add(origin);
            }
        }

        void assign(Flow flow) {
            origins.remove(Origin.NOTHING);
            origins.remove(Origin.UNKNOWN);
            flow.origins().forEach(this::add);
            if (type.isUnknown()) {
                type = flow.type();
            }
        }

        Flow flow() {
            return new Flow(origins.isEmpty() ? List.of(Origin.UNKNOWN) : origins, type);
        }
    }

    void declare(String name, Flow first, TypeUse type) {
        locals.put(name, new Local(first, type));
    }

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
