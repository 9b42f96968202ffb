package dev.huella.core.resolve;

import dev.huella.core.facts.TypeKind;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Element;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import dev.huella.core.source.Problem;
import java.util.Map;
import java.util.Queue;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ConcurrentSkipListSet;

/** What all passes share while one family of languages is resolved. */
final class Resolution {
    final TypeIndex index;
    final Supertypes supertypes = new Supertypes();
    final TypeDeclarer declarer;
    final TypeNames names;
    final Members members;
    final LibraryKnowledge library;
    final OwnSteps ownSteps;
    final FunctionTypes functions = new FunctionTypes();
    /** Types of functions that fields and parameters ask for. */
    final Queue<CodeType> slots = new ConcurrentLinkedQueue<>();
    /** Types that reach a place as values, to be made there later; found between readings of the bodies. */
    final Map<Slots.Key, Set<CodeType>> kinds = new ConcurrentHashMap<>();
    /** Names read from what an untyped place holds, found while bodies are read only to find that out. */
    final Map<Slots.Key, Set<String>> reads = new ConcurrentHashMap<>();
    /** Lists of those to tell that come with the library, by the type that has one or the field that holds one. */
    final Map<Element, Field> listeners = new ConcurrentHashMap<>();
    /** Fields and operations that let others join such a list and no more, with the field that holds it. */
    final Map<Element, Field> fronts = new ConcurrentHashMap<>();
    /** What lies under which name in fields that keep several objects. */
    final NamedEntries entries = new NamedEntries();
    /** What the text alone tells of operations. */
    final Map<Operation, PlainBody> plain = new ConcurrentHashMap<>();
    /** Names that objects are given from outside and asked for inside, found while bodies are read. */
    final LateFields late = new LateFields();
    /** Operations without an object that are asked for by way of subtypes of their type, with these. */
    final Map<Operation, Set<CodeType>> bySubtypes = new ConcurrentHashMap<>();
    /** Operations whose bodies could not be followed to their ends, each said once. */
    final Set<Problem> tooDeep = new ConcurrentSkipListSet<>();
    /** True while bodies are read only to find out what untyped values hold. */
    boolean inferring;

    /** An empty world for the family of a language. */
    Resolution(String language) {
        index = new TypeIndex(language);
        library = index.library();
        declarer = new TypeDeclarer(index);
        names = new TypeNames(index, declarer, supertypes, slots::add);
        members = new Members(supertypes, index);
        ownSteps = new OwnSteps(this);
    }

    /** The type of a literal of that kind: string, char, boolean, int, long, float or double. */
    TypeUse literal(String kind) {
        CodeType text = kind.equals("string") ? index.qualified("java.lang.String") : null;
        return text != null ? TypeUse.of(text) : TypeUse.primitive(library.literal(kind));
    }

    /** True when bare names inside the type may mean its members. */
    boolean seesMembers(CodeType type) {
        return library.rule(Rule.IMPLICIT_SELF) || type.kind() == TypeKind.MODULE || type.kind() == TypeKind.FUNCTION
                || type.kind() == TypeKind.OBJECT;
    }

    /** What the text tells of an operation; nothing where it has other forms. */
    PlainBody plain(Operation operation) {
        return operation.overriders().isEmpty() ? plain.getOrDefault(operation, PlainBody.NONE) : PlainBody.NONE;
    }
}
