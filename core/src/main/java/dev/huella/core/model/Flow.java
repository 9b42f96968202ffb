package dev.huella.core.model;

import java.util.List;
import java.util.function.Predicate;

/** A value in a body: all it may come from, and its type as far as known. */
public record Flow(List<Origin> origins, TypeUse type) {
    public static final Flow UNKNOWN = new Flow(List.of(Origin.UNKNOWN), TypeUse.UNKNOWN);

    public Flow {
        origins = List.copyOf(origins);
    }

    public static Flow of(Origin origin, TypeUse type) {
        return new Flow(List.of(origin), type);
    }

    /** The value of a field of the receiver. */
    public static Flow ofOwn(Field field) {
        return field.ownFlow();
    }

    /** The first origin; unknown when there is none. */
    public Origin first() {
        return origins.isEmpty() ? Origin.UNKNOWN : origins.getFirst();
    }

    /** True when one of the origins is like that. Asked of every value of a code base many times over, so without a stream. */
    public boolean any(Predicate<? super Origin> like) {
        for (Origin origin : origins) {
            if (like.test(origin)) {
                return true;
            }
        }
        return false;
    }

    /** True when one of the origins is of that kind. */
    public boolean anyOf(Class<? extends Origin> kind) {
        return any(kind::isInstance);
    }

    public Flow as(TypeUse other) {
        return new Flow(origins, other);
    }
}
