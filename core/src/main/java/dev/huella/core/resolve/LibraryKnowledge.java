package dev.huella.core.resolve;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.TypeUse;
import dev.huella.core.resolve.LibraryContainers.Kept;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;

/**
 * What is known of a language's library and rules of names beyond the code itself, from small data files. Languages
 * whose code refers to each other's types by the same names are one family and share what is known. Read once.
 */
public final class LibraryKnowledge {
    private static final List<String> OF_CONTAINERS = List
            .of("adds", "removes", "drains", "elements", "same", "maps", "applies", "appliesToTwo", "common");
    private static final Map<String, LibraryKnowledge> KNOWN = new ConcurrentHashMap<>();
    private final LibraryContainers containers;
    private final ListenerLists listenerLists = new ListenerLists();
    private final Map<String, Set<String>> words = new HashMap<>();
    private final boolean fullNames;
    private String root = "";
    private String enumRoot = "";
    private final Map<String, String> literals = new HashMap<>();
    private Pattern interfacePattern;

    private LibraryKnowledge(String family) {
        fullNames = family.equals("jvm");
        containers = new LibraryContainers(fullNames);
        add("common");
        (family.equals("jvm") ? List.of("java", "kotlin") : List.of(family)).forEach(this::add);
    }

    private void add(String language) {
        try (var in = LibraryKnowledge.class.getResourceAsStream("library/" + language + ".json")) {
            JsonNode data = new ObjectMapper().readTree(in);
            containers.add(data.path("containers"));
            listenerLists.add(data.path("listenerLists"));
            data.properties().forEach(entry -> {
                Set<String> list = words.computeIfAbsent(entry.getKey(), key -> new HashSet<>());
                if (entry.getValue().isArray()) {
                    entry.getValue().forEach(word -> list.add(word.asText()));
                }
            });
            root = root.isEmpty() ? data.path("root").asText("") : root;
            data.path("literals").properties().forEach(one -> literals.put(one.getKey(), one.getValue().asText()));
            enumRoot = enumRoot.isEmpty() ? data.path("enumRoot").asText("") : enumRoot;
            if (data.has("interfacePattern")) {
                interfacePattern = Pattern.compile(data.path("interfacePattern").asText());
            }
        } catch (IOException e) {
            throw new UncheckedIOException("library/" + language + ".json could not be read", e);
        }
    }

    /** The group of languages whose types are one world of names. */
    public static String family(String language) {
        return switch (language) {
            case "java", "kotlin" -> "jvm";
            case "javascript", "typescript" -> "script";
            default -> language;
        };
    }

    /** What is known for a language. */
    public static LibraryKnowledge of(String language) {
        LibraryKnowledge known = KNOWN.get(language);
        if (known == null) {
            known = KNOWN.computeIfAbsent(family(language.isEmpty() ? "java" : language), LibraryKnowledge::new);
            KNOWN.put(language, known);
        }
        return known;
    }

    /** What is known for the language a type is written in. */
    public static LibraryKnowledge of(CodeType type) {
        return of(type.language());
    }

    /** True when the language's file has the word in that list. */
    public boolean lists(String list, String word) {
        return words.getOrDefault(list, Set.of()).contains(word);
    }

    /** True when a rule of names or calls holds in the language. */
    public boolean rule(Rule rule) {
        return lists("traits", rule.word());
    }

    /** Namespaces whose types are seen everywhere. */
    Set<String> implicit() {
        return words.getOrDefault("implicit", Set.of());
    }

    boolean primitive(String name) {
        return lists("primitives", name);
    }

    /** The type above all, by qualified name; empty when the language has none to speak of. */
    String root() {
        return root;
    }

    String enumRoot() {
        return enumRoot;
    }

    /** True when the language's library has an interface or protocol of that simple name. */
    boolean promised(String simple) {
        return lists("interfaces", simple) || interfacePattern != null && interfacePattern.matcher(simple).matches();
    }

    /** True for the operation that the language runs on each new copy. */
    public boolean finishesCopies(String operation) {
        return lists("finishesCopies", operation);
    }

    /** True for the operation by which a library's container tells all that it keeps. */
    public boolean tells(String operation) {
        return lists("tells", operation);
    }

    /** True when calling an operation of that name on a type makes an object of it. */
    public boolean makes(String operation) {
        return lists("makes", operation);
    }

    /** True for functions that make a container from what they are given. */
    boolean makesContainer(String function) {
        return lists("makers", function);
    }

    /** True when an operation of that name calls the function it is called on. */
    public boolean invokes(String operation) {
        return operation.equals(dev.huella.core.facts.Value.APPLY) || lists("invokes", operation);
    }

    /** True when an operation of that name on what wraps an object gives the object. */
    boolean passes(String operation) {
        return lists("passes", operation);
    }

    /** True when an operation of that name on what wraps an object puts another one in its place. */
    boolean refills(String operation) {
        return lists("refills", operation);
    }

    /** True when an operation of that name hands its receiver to the function it is given. */
    boolean hands(String operation) {
        return lists("hands", operation);
    }

    /** The words of a list of the data file. */
    public Set<String> names(String list) {
        return words.getOrDefault(list, Set.of());
    }

    /** True when an operation of that name takes one element from a container. */
    public boolean oneElement(String operation) {
        return lists("elements", operation);
    }

    /** True when an operation of that name gives a container of the same elements. */
    boolean sameElements(String operation) {
        return lists("same", operation);
    }

    /** True when an operation of that name gives a container of what a function makes of each element. */
    boolean maps(String operation) {
        return lists("maps", operation);
    }

    /** True for the type above all types. */
    public boolean isRoot(CodeType type) {
        return !root.isEmpty() && type.qualifiedName().equals(root);
    }

    /** How a type keeps others, or null when it is no container. Subtypes of containers are containers. */
    public Kept container(TypeUse use) {
        return containers.of(use);
    }

    /** True for the function that makes an operation a listener of a signal. */
    boolean connects(String function) {
        return lists("connects", function);
    }

    /** True for what wraps an object that is made, safely, once it is asked for. */
    public boolean lazy(CodeType type) {
        return type.external() && lists("lazies", type.name());
    }

    /** True when an operation of that name gives some of the elements by their position. */
    public boolean cuts(String operation) {
        return lists("cuts", operation);
    }

    /** True when only texts answer an operation of that name. */
    boolean ofText(String operation) {
        return lists("ofText", operation);
    }

    /** What the language calls the type of a literal: of {@code string}, {@code boolean}, {@code int} and the like. */
    String literal(String kind) {
        return literals.getOrDefault(kind, kind);
    }

    /** Types that keep those to tell. */
    ListenerLists listenerLists() {
        return listenerLists;
    }

    /** True when the operation's name says it adds to a container. */
    public boolean adds(String operation) {
        return lists("adds", operation);
    }

    public boolean removes(String operation) {
        return lists("removes", operation);
    }

    /** True for signs and for names that containers answer to: being asked for them tells little of a type. */
    boolean ofContainers(String operation) {
        return !Character.isJavaIdentifierStart(operation.charAt(0)) || operation.startsWith("__")
                || OF_CONTAINERS.stream().anyMatch(what -> lists(what, operation));
    }

    /** True when it gives the same elements with some left out. */
    public boolean sifts(String operation) {
        return lists("sifts", operation);
    }

    /** True when it takes elements out without being told which. */
    public boolean drains(String operation) {
        return lists("drains", operation);
    }

    /** True when it may change while it is gone through. */
    public boolean copying(CodeType container) {
        return named("copying", container);
    }

    /** True for the language's own protocol of stepping through something. */
    public boolean iterator(CodeType type) {
        return named("iterators", type);
    }

    /** True for operations that give a look at a container rather than a copy of it. */
    public boolean views(String operation) {
        return lists("views", operation) || operation.startsWith("unmodifiable")
                || operation.startsWith("synchronized");
    }

    /** True for iterators and streams, subtypes included. */
    public boolean stepsThrough(CodeType type) {
        return iterator(type) && !type.qualifiedName().equals("java.lang.Iterable") || type.supertypes()
                .stream()
                .anyMatch(use -> use.type() != null && use.type() != type && stepsThrough(use.type()));
    }

    /** True for values, containers and other types that every program uses and none adapts. */
    public boolean plain(CodeType type) {
        return type.external() && (lists("plain", type.namespace()) || !fullNames && root(type)
                || !type.qualifiedName().startsWith("java") && everyday(type.name()));
    }

    /** True for the name of a value, container or other type that every program uses. */
    boolean everyday(String name) {
        return lists("plainTypes", name) || primitive(name) || containers.knows(name);
    }

    /** True for a type outside the sources that comes with the language. */
    public boolean knows(CodeType type) {
        return type.external() && (fullNames && type.qualifiedName().matches("(java|javax|jdk|sun|kotlin)\\..*")
                || plain(type) || promised(type.name()) || lists("comesAlong", type.name())
                || lists("comesAlong", type.qualifiedName().replaceFirst("\\..*", "")));
    }

    /** True for the error that says an operation is not supported. */
    public boolean unsupported(CodeType error) {
        return named("unsupported", error) || error.name().endsWith("NotImplementedException");
    }

    /** True for the name of that error. */
    public boolean unsupported(String error) {
        return lists("unsupported", error);
    }

    /** True for a type of the basic library, also where the library itself is among the sources. */
    boolean isOwn(CodeType type) {
        return lists("plain", type.namespace());
    }

    /** True for supertypes that say nothing about what a type is for. */
    public boolean root(CodeType type) {
        return named("roots", type);
    }

    /** True for the library's own way to copy the object it is called on or given. */
    public boolean copies(String operation) {
        return lists("copies", operation);
    }

    /** True when what the object holds is copied with it. */
    public boolean copiesDeep(String operation) {
        return lists("copiesDeep", operation);
    }

    /** True for operations by which a type says how it is copied. */
    public boolean cloners(String operation) {
        return lists("cloners", operation);
    }

    /** True for library types that say of their subtypes that they can be copied. */
    public boolean copyable(CodeType type) {
        return named("copyable", type);
    }

    /** True for library types that say of their subtypes that they can be written out and read back. */
    public boolean serialised(CodeType type) {
        return named("serialised", type);
    }

    /** True for calls, and types whose making, keep other threads out. */
    public boolean guards(String name) {
        return lists("guards", name);
    }

    /** True for calls that end with an error when what they are told is wrong. */
    public boolean asserts(String operation) {
        return lists("asserts", operation);
    }

    /** True for operations of libraries that start, read, write or tell something outside the program's objects. */
    public boolean reachesOut(String operation) {
        return lists("reaches", operation);
    }

    /** True for library types that stand for something outside the program. */
    public boolean opensOutside(String type) {
        return lists("outside", type);
    }

    /** True for a part of the library that keeps one object of a type that takes it in. */
    public boolean madeOnce(CodeType type) {
        return named("madeOnce", type);
    }

    /** True for operations that every object answers, so that asking for them tells nothing of it. */
    boolean universal(String operation) {
        return lists("universal", operation);
    }

    /** True for operations that every object of a language may answer in its own way. */
    public boolean ofEveryObject(String operation) {
        return lists("everyObject", operation) || operation.startsWith("~"); // what ends an object is nobody's to ask for
    }

    /** True for operations that the language calls for the next element. */
    public boolean steps(String operation) {
        return lists("steps", operation);
    }

    /** True for operations that the language calls to go through an object. */
    public boolean asksForSteps(String operation) {
        return lists("asksForSteps", operation);
    }

    /** True for operations of every object that hand out something which steps through it. */
    public boolean makesSteps(String operation) {
        return lists("makesSteps", operation);
    }

    /** True when the language cannot keep others from making objects. */
    public boolean closesNothing(String language) {
        return lists("closesNothing", language);
    }

    /** True when an operation of the language that ends without a value gives nothing, and nobody is told. */
    public boolean endsSilently(String language) {
        return lists("endsSilently", language);
    }

    /** True when threads of the language share no objects. */
    public boolean sharesNothing(String language) {
        return lists("sharesNothing", language);
    }

    private boolean named(String list, CodeType type) {
        return lists(list, type.qualifiedName()) || lists(list, type.name());
    }
}
