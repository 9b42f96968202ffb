package dev.huella.core.resolve;

/** Rules in which languages differ. */
public enum Rule {
    /** A bare name may be a member of the receiver. */
    IMPLICIT_SELF("implicitSelf"),
    /** Names come from files that are named by imports, not from namespaces. */
    MODULES("modules"),
    /** Types of variables are not written, so they are worked out from use. */
    DYNAMIC("dynamic"),
    /** Testing a value alone asks whether it is there. */
    TRUTHY("truthy"),
    /** Calling a type makes an object. */
    CALL_MAKES("callMakes"),
    /** Functions outside types are seen without an import. */
    GLOBAL_FUNCTIONS("globalFunctions"),
    /** What an outer namespace declares is seen in the inner one. */
    ANY_NAMESPACE("anyNamespace"),
    /** A namespace that is brought into sight may be named from within one that already is. */
    NAMESPACES_OPEN_INWARDS("namespacesOpenInwards"),
    /** A type has one operation of a name: a subtype's own takes its place whatever it is given. */
    ONE_BY_NAME("oneByName"),
    /** A bare name with nothing handed over reads the field of that name, even one that holds a function. */
    READS_BY_CALL("readsByCall"),
    /** A call may give more than is asked for. */
    SPARE_ARGUMENTS("spareArguments"),
    /** An object of a struct lies in its holder and goes with it. */
    STRUCTS_ARE_VALUES("structsAreValues"),
    /** A list that a variable is given is another one from there on. */
    LISTS_ARE_VALUES("listsAreValues"),
    /** A member is the object itself unless its type says otherwise, and is made from what it is given first. */
    OBJECTS_IN_PLACE("objectsInPlace"),
    /** Types are written with a capital, so that an imported name without one is a function. */
    CAPITAL_TYPES("capitalTypes"),
    /** What is said last is handed back. */
    LAST_VALUE_IS_RETURNED("lastValueIsReturned"),
    /** Conditions that must all hold give the last of them, not whether they do. */
    BOTH_GIVE_LAST("bothGiveLast"),
    /** An operation that is asked of its type is told first whose it is. */
    SELF_FIRST("selfFirst"),
    /** What is added to a type from outside is no part of its own text. */
    EXTENSIONS_APART("extensionsApart"),
    /** Types of one name are different ones when they have more or fewer type parameters. */
    PARAMETERS_TELL("parametersTell"),
    /** What is not marked is open to all of the code base, not to a part of it. */
    OPEN_INSIDE("openInside"),
    /** What a test found to be of a kind is taken for it from there on. */
    TESTS_TELL("testsTell"),
    /** A type without a constructor of its own has that of its base, as hidden as it is there. */
    INHERITS_CONSTRUCTORS("inheritsConstructors"),
    /** An object or type and a text in a list of two mean the operation of that name. */
    PAIRS_MEAN_OPERATIONS("pairsMeanOperations");

    private final String word;

    Rule(String word) {
        this.word = word;
    }

    /** How the data file of a language says it. */
    String word() {
        return word;
    }
}
