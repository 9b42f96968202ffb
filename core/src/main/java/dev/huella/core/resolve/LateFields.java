package dev.huella.core.resolve;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.TypeUse;
import dev.huella.core.source.SourceSpan;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Fields that a type reads from its own objects and never sets, because others give them their value. Only where fields
 * need not be declared.
 */
final class LateFields {
    private final Map<Member, SourceSpan> given = new ConcurrentHashMap<>();
    private final Set<Member> asked = ConcurrentHashMap.newKeySet();

    /** A name in a type. */
    private record Member(CodeType type, String name) {}

    /** Notes that an object of the type is given something under a name that is none of its members. */
    void given(CodeType type, String name, SourceSpan at) {
        if (type != null && (type.shape() || !type.external() && type.kind() == TypeKind.CLASS)) {
            given.merge(new Member(type, name), at, LateFields::first);
        }
    }

    private static SourceSpan first(SourceSpan one, SourceSpan other) {
        int order = one.file().compareTo(other.file());
        return order < 0 || order == 0 && one.line() <= other.line() ? one : other;
    }

    /** Notes that the type asks its own object for it. */
    void asked(CodeType type, String name) {
        asked.add(new Member(type, name));
    }

    /** Adds the fields that were both given and asked for; true when there are any. */
    boolean settle(Resolution world) {
        boolean more = false;
        for (Member member : asked) {
            SourceSpan at = given(member, world.supertypes);
            if (at != null && world.members.field(member.type, member.name) == null
                    && world.members.operations(member.type, member.name).isEmpty()) {
                member.type.add(new Field(member.type, member.name, TypeUse.UNKNOWN, Modifiers.of(Visibility.PUBLIC),
                        FieldDeclared.Kind.FIELD, at));
                world.members.changed(member.type);
                more = true;
            }
        }
        return more;
    }

    /** Where an object of the type is given it, also one that is only known by its use; null where none is. */
    private SourceSpan given(Member member, Supertypes supertypes) {
        SourceSpan own = given.get(member);
        return own != null
                ? own
                : supertypes.above(member.type)
                        .stream()
                        .filter(CodeType::shape)
                        .map(shape -> given.get(new Member(shape, member.name)))
                        .filter(Objects::nonNull)
                        .findFirst()
                        .orElse(null);
    }
}
