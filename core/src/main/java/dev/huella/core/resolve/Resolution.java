package dev.huella.core.resolve;

/** What all passes share while one model is made. */
final class Resolution {
    final TypeIndex index = new TypeIndex();
    final Supertypes supertypes = new Supertypes();
    final TypeDeclarer declarer = new TypeDeclarer(index);
    final TypeNames names = new TypeNames(index, declarer, supertypes);
    final Members members = new Members(supertypes, index);
    final LibraryKnowledge library = LibraryKnowledge.java();
    final FunctionTypes functions = new FunctionTypes();
}
