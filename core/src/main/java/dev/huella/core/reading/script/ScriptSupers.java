package dev.huella.core.reading.script;

import dev.huella.core.facts.Value;
import dev.huella.core.reading.Bodies;
import dev.huella.core.reading.SyntaxNode;
import dev.huella.core.source.SourceSpan;
import java.util.List;
import java.util.Set;

/** How objects without the language's classes ask what they inherit: {@code Base.call(this, …)}, {@code Base.prototype.run.apply(this, …)}. */
final class ScriptSupers {
    private static final Set<String> HANDS_THIS_OVER = Set.of("call", "apply");

    private ScriptSupers() {}

    /**
     * The constructor or operation of a base that is called for the object itself; null for all other calls.
     *
     * @param function what is called, with the object before it
     * @param arguments what it is given, the object itself first
     */
    static Value asked(SyntaxNode function, List<Value> arguments, SourceSpan at) {
        String how = ScriptMembers.name(function.child("property"));
        if (!HANDS_THIS_OVER.contains(how) || arguments.isEmpty() || !(arguments.getFirst() instanceof Value.Self)) {
            return null;
        }
        List<Value> given = arguments.subList(1, arguments.size());
        List<Value> handed = how.equals("call") ? given : given.stream().map(Bodies::spread).toList();
        SyntaxNode of = function.child("object");
        if (of.is("identifier")) {
            return Character.isUpperCase(of.text().charAt(0)) ? new Value.Construct(true, handed, at) : null;
        }
        SyntaxNode prototype = of.is("member_expression") ? of.child("object") : null;
        boolean inherited = prototype != null && prototype.is("member_expression")
                && ScriptMembers.name(prototype.child("property")).equals("prototype")
                && prototype.child("object").is("identifier");
        return inherited
                ? new Value.Call(new Value.Name(prototype.child("object").text(), at),
                        ScriptMembers.name(of.child("property")), handed, at)
                : null;
    }
}
