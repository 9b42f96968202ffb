package dev.huella.core.exchange.packed;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.FileFacts;
import dev.huella.core.facts.FileFacts.AliasSeen;
import dev.huella.core.facts.FileFacts.ImportSeen;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.OperationDeclared;
import dev.huella.core.facts.OperationDeclared.ParameterDeclared;
import dev.huella.core.facts.Step;
import dev.huella.core.facts.TypeDeclared;
import dev.huella.core.facts.TypeDeclared.TypeParameterDeclared;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.TypeText;
import dev.huella.core.facts.Value;
import dev.huella.core.facts.Visibility;
import dev.huella.core.source.Problem;
import dev.huella.core.source.SourceSpan;
import java.util.EnumSet;
import java.util.List;

/** Reads what {@link FactsWriter} wrote. Types inside bodies are the same objects as those that the body lists. */
public final class FactsReader extends PackedReader {
    private static final TypeKind[] KINDS = TypeKind.values();
    private static final Modifiers.Mark[] MARKS = Modifiers.Mark.values();
    private static final Visibility[] VISIBILITIES = Visibility.values();
    private final String path;
    private List<TypeDeclared> inner = List.of();

    private FactsReader(byte[] bytes, String path) {
        super(bytes);
        this.path = path;
    }

    /**
     * The facts, with places in the file of that path.
     *
     * @throws RuntimeException when the bytes are not such facts
     */
    public static FileFacts facts(byte[] bytes, String path) {
        return new FactsReader(bytes, path).file();
    }

    private FileFacts file() {
        String language = text();
        String namespace = text();
        int lines = number();
        List<ImportSeen> imports = list(() -> new ImportSeen(text(), flag(), flag(), text(), text()));
        List<AliasSeen> aliases = list(() -> new AliasSeen(text(), type()));
        List<TypeDeclared> types = list(this::declared);
        List<Problem> problems = list(() -> new Problem(path, number(), number(), text()));
        return new FileFacts(path, language, namespace, imports, aliases, types, problems, lines);
    }

    private SourceSpan span() {
        int line = number();
        if (line == 0) {
            return null;
        }
        int column = number();
        return new SourceSpan(path, line, column, line + number(), number());
    }

    private TypeText type() {
        return flag() ? new TypeText(text(), list(this::type), number(), text()) : null;
    }

    private Modifiers modifiers() {
        Visibility visibility = VISIBILITIES[number()];
        EnumSet<Modifiers.Mark> marks = EnumSet.noneOf(Modifiers.Mark.class);
        for (int left = number(); left > 0; left--) {
            marks.add(MARKS[number()]);
        }
        return new Modifiers(visibility, marks);
    }

    private List<TypeParameterDeclared> parameters() {
        return list(() -> new TypeParameterDeclared(text(), list(this::type)));
    }

    private TypeDeclared declared() {
        return new TypeDeclared(text(), flag(), KINDS[number()], modifiers(), parameters(), list(this::type),
                list(this::type), list(this::field), list(this::operation), list(this::declared), span(),
                list(this::span), TypeDeclared.Standing.values()[number()], text(), list(this::type));
    }

    private FieldDeclared field() {
        String name = text();
        TypeText type = type();
        Modifiers modifiers = modifiers();
        var kind = FieldDeclared.Kind.values()[number()];
        List<TypeDeclared> outer = inner;
        List<TypeDeclared> own = list(this::declared);
        inner = own;
        Value initial = value();
        inner = outer;
        return new FieldDeclared(name, type, modifiers, kind, initial, own, span());
    }

    private OperationDeclared operation() {
        String name = text();
        var kind = OperationDeclared.Kind.values()[number()];
        Modifiers modifiers = modifiers();
        List<TypeParameterDeclared> typeParameters = parameters();
        List<ParameterDeclared> parameters = list(this::parameter);
        TypeText returns = type();
        List<TypeDeclared> outer = inner;
        List<TypeDeclared> own = list(this::declared);
        inner = own;
        List<Step> body = flag() ? list(this::step) : null;
        inner = outer;
        return new OperationDeclared(name, kind, modifiers, typeParameters, parameters, returns, body, own, span());
    }

    private ParameterDeclared parameter() {
        return new ParameterDeclared(text(), type(), flag());
    }

    /** The type that the body lists is meant: resolving tells types by their identity. */
    private TypeDeclared local() {
        int position = number();
        return position == 0 ? null : position == 1 ? declared() : inner.get(position - 2);
    }

    private Step step() {
        int tag = number();
        SourceSpan place = span();
        return switch (tag) {
            case 1 -> new Step.Declare(text(), type(), value(), place);
            case 2 -> new Step.Do(value(), place);
            case 3 -> new Step.Return(value(), place);
            case 4 -> new Step.Yield(value(), place);
            case 5 -> new Step.Throw(value(), place);
            case 6 -> new Step.Leave(flag(), place);
            case 7 -> {
                Value on = value();
                boolean complete = flag();
                yield new Step.Choose(on, branches(), complete, place);
            }
            case 8 -> new Step.Loop(text(), type(), value(), list(this::step), place);
            case 9 -> new Step.Block(value(), list(this::step), list(this::step), list(this::step), place);
            case 10 -> new Step.Local(local(), place);
            case 11 -> new Step.ReturnOutwards(value(), number(), place);
            default -> throw new IllegalArgumentException("no step has the tag " + tag);
        };
    }

    private List<Step.Branch> branches() {
        return list(() -> new Step.Branch(list(this::value), list(this::step)));
    }

    private Value value() {
        int tag = number();
        if (tag == 0) {
            return null;
        }
        SourceSpan place = span();
        return switch (tag) {
            case 1 -> new Value.Name(text(), place);
            case 2 -> new Value.Self(text(), place);
            case 3 -> new Value.Super(place);
            case 4 -> {
                String text = text();
                yield new Value.Literal(Value.Literal.Kind.values()[number()], text, place);
            }
            case 5 -> {
                String name = text();
                yield new Value.Member(value(), name, place);
            }
            case 6 -> {
                String name = text();
                yield new Value.Call(value(), name, list(this::value), place);
            }
            case 7 -> new Value.Create(type(), list(this::value), local(), place);
            case 8 -> new Value.Construct(flag(), list(this::value), place);
            case 9 -> new Value.ArrayOf(type(), list(this::value), place);
            case 10 -> new Value.Function(list(this::parameter), list(this::step), place);
            default -> more(tag, place);
        };
    }

    private Value more(int tag, SourceSpan place) {
        return switch (tag) {
            case 11 -> {
                String name = text();
                yield new Value.Reference(value(), type(), name, place);
            }
            case 12 -> new Value.Assign(value(), value(), flag(), place);
            case 13 -> {
                Value on = value();
                boolean complete = flag();
                yield new Value.Either(on, branches(), complete, place);
            }
            case 14 -> new Value.Fallback(value(), value(), place);
            case 15 -> new Value.Cast(type(), value(), place);
            case 16 -> {
                String binding = text();
                yield new Value.KindTest(value(), type(), binding, place);
            }
            case 17 -> new Value.Element(value(), value(), place);
            case 18 -> new Value.Same(value(), value(), flag(), place);
            case 19 -> new Value.TypeName(type(), place);
            case 20 -> {
                String name = text();
                yield new Value.Labelled(name, value(), place);
            }
            case 21 -> {
                String sign = text();
                yield new Value.Computed(sign, list(this::value), place);
            }
            default -> throw new IllegalArgumentException("no value has the tag " + tag);
        };
    }
}
