package dev.huella.core.source;

import static java.util.stream.Collectors.joining;

import java.io.IOException;
import java.lang.classfile.AccessFlags;
import java.lang.classfile.Attributes;
import java.lang.classfile.ClassFile;
import java.lang.classfile.ClassModel;
import java.lang.classfile.ClassSignature;
import java.lang.classfile.FieldModel;
import java.lang.classfile.MethodModel;
import java.lang.classfile.MethodSignature;
import java.lang.classfile.Signature;
import java.lang.classfile.attribute.InnerClassInfo;
import java.lang.classfile.constantpool.ClassEntry;
import java.lang.constant.MethodTypeDesc;
import java.lang.reflect.AccessFlag;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * The header of a compiled Java type as text: what it extends and realises, its fields and operations with their
 * types, and the types inside it. Bodies are not told. What a compiler added is left out.
 */
final class TypeHeader {
    private final ClassModel type;
    private final Parts parts;
    private final HeaderNames names;
    private final StringBuilder text;
    private final String indent;
    private boolean needsOuter;

    private TypeHeader(ClassModel type, Parts parts, HeaderNames names, StringBuilder text, String indent) {
        this.type = type;
        this.parts = parts;
        this.names = names;
        this.text = text;
        this.indent = indent;
    }

    /** Where the compiled types inside a type are found. */
    @FunctionalInterface
    interface Parts {
        /** The bytes of a type in the same package, null when it is not there. */
        byte[] bytes(String name) throws IOException;
    }

    /**
     * The text in UTF-8.
     *
     * @throws IOException when the bytes are no compiled type that this Java knows
     */
    static byte[] of(byte[] compiled, Parts parts) throws IOException {
        try {
            ClassModel type = ClassFile.of().parse(compiled);
            var body = new StringBuilder();
            var names = new HeaderNames(type);
            new TypeHeader(type, parts, names, body, "").write(type.flags(), null);
            return (names.head() + body).getBytes(StandardCharsets.UTF_8);
        } catch (IllegalArgumentException e) {
            throw new IOException("it is no compiled Java type that can be read: " + e.getMessage(), e);
        }
    }

    /** @param inside what the type around it says of it, null for an outermost one */
    private void write(AccessFlags flags, InnerClassInfo inside) throws IOException {
        Set<AccessFlag> marks = inside == null ? flags.flags() : inside.flags();
        String kind = kind(marks);
        needsOuter = inside != null && kind.equals("class") && !marks.contains(AccessFlag.STATIC);
        text.append(indent).append(typeWords(marks, kind)).append(kind).append(' ');
        text.append(names.simple(type.thisClass().asInternalName()));
        ClassSignature signature = signature();
        text.append(names.parameters(signature.typeParameters()));
        if (kind.equals("record")) {
            text.append(components());
        }
        supertypes(signature, kind);
        text.append(" {\n");
        if (kind.equals("enum")) {
            text.append(indent).append("    ").append(constants()).append(";\n");
        }
        for (FieldModel field : type.fields()) {
            field(field, kind);
        }
        for (MethodModel method : type.methods()) {
            operation(method, kind, marks);
        }
        types();
        text.append(indent).append("}\n");
    }

    private String kind(Set<AccessFlag> marks) {
        if (marks.contains(AccessFlag.ANNOTATION)) {
            return "@interface";
        }
        if (marks.contains(AccessFlag.INTERFACE)) {
            return "interface";
        }
        if (type.findAttribute(Attributes.record()).isPresent()) {
            return "record";
        }
        return marks.contains(AccessFlag.ENUM) ? "enum" : "class";
    }

    private String typeWords(Set<AccessFlag> marks, String kind) {
        var words = new StringBuilder(HeaderNames.words(marks, Set.of(AccessFlag.PUBLIC, AccessFlag.PROTECTED,
                AccessFlag.PRIVATE, AccessFlag.STATIC)));
        if (kind.equals("class")) {
            words.append(HeaderNames.words(marks, Set.of(AccessFlag.ABSTRACT, AccessFlag.FINAL)));
        }
        if (!kind.equals("enum") && type.findAttribute(Attributes.permittedSubclasses()).isPresent()) {
            words.append("sealed ");
        }
        return words.toString();
    }

    private ClassSignature signature() {
        return type.findAttribute(Attributes.signature())
                .map(attribute -> attribute.asClassSignature())
                .orElseGet(() -> ClassSignature.of(
                        Signature.ClassTypeSig.of(type.superclass()
                                .map(ClassEntry::asSymbol)
                                .orElse(java.lang.constant.ConstantDescs.CD_Object)),
                        type.interfaces()
                                .stream()
                                .map(one -> Signature.ClassTypeSig.of(one.asSymbol()))
                                .toArray(Signature.ClassTypeSig[]::new)));
    }

    private void supertypes(ClassSignature signature, String kind) {
        List<String> promised = new ArrayList<>(
                signature.superinterfaceSignatures().stream().map(names::type).toList());
        if (kind.equals("@interface")) {
            return;
        }
        String base = type.superclass().map(ClassEntry::asInternalName).orElse("java/lang/Object");
        if (kind.equals("class") && !base.equals("java/lang/Object")) {
            text.append(" extends ").append(names.type(signature.superclassSignature()));
        }
        if (!promised.isEmpty()) {
            text.append(kind.equals("interface") ? " extends " : " implements ").append(String.join(", ", promised));
        }
        type.findAttribute(Attributes.permittedSubclasses())
                .filter(permitted -> !kind.equals("enum"))
                .ifPresent(permitted -> text.append(" permits ")
                        .append(permitted.permittedSubclasses()
                                .stream()
                                .map(one -> names.type(Signature.ClassTypeSig.of(one.asSymbol())))
                                .collect(joining(", "))));
    }

    private String components() {
        return type.findAttribute(Attributes.record())
                .orElseThrow()
                .components()
                .stream()
                .map(part -> names.type(part.findAttribute(Attributes.signature())
                        .map(attribute -> attribute.asTypeSignature())
                        .orElseGet(() -> Signature.parseFrom(part.descriptor().stringValue())))
                        + " " + part.name().stringValue())
                .collect(joining(", ", "(", ")"));
    }

    private String constants() {
        return type.fields()
                .stream()
                .filter(field -> field.flags().has(AccessFlag.ENUM))
                .map(field -> field.fieldName().stringValue())
                .collect(joining(", "));
    }

    private void field(FieldModel field, String kind) {
        boolean component = kind.equals("record") && !field.flags().has(AccessFlag.STATIC);
        if (field.flags().has(AccessFlag.SYNTHETIC) || field.flags().has(AccessFlag.ENUM) || component) {
            return;
        }
        Signature of = field.findAttribute(Attributes.signature())
                .map(attribute -> attribute.asTypeSignature())
                .orElseGet(() -> Signature.parseFrom(field.fieldType().stringValue()));
        text.append(indent).append("    ");
        if (!kind.endsWith("interface")) {
            text.append(HeaderNames.words(field.flags().flags(), Set.of(AccessFlag.values())));
        }
        text.append(names.type(of)).append(' ').append(field.fieldName().stringValue()).append(";\n");
    }

    private void operation(MethodModel method, String kind, Set<AccessFlag> ofType) {
        String name = method.methodName().stringValue();
        Set<AccessFlag> marks = method.flags().flags();
        if (marks.contains(AccessFlag.SYNTHETIC) || name.equals("<clinit>")
                || WrittenByCompiler.is(method, type, kind, ofType)) {
            return;
        }
        MethodSignature signature = method.findAttribute(Attributes.signature())
                .map(attribute -> attribute.asMethodSignature())
                .orElseGet(() -> MethodSignature.of(written(method)));
        boolean interfaces = kind.endsWith("interface");
        text.append(indent)
                .append("    ")
                .append(interfaces
                        ? interfaceWords(marks)
                        : HeaderNames.words(marks,
                                Set.of(AccessFlag.values())));
        String parameters = names.parameters(signature.typeParameters());
        text.append(parameters).append(parameters.isEmpty() ? "" : " ");
        text.append(name.equals("<init>")
                ? names.simple(type.thisClass().asInternalName())
                : names.type(signature.result()) + " " + name);
        text.append('(')
                .append(names.given(method, signature))
                .append(name.equals("<init>") ? ") {}\n" : ");\n");
    }

    /** What is made inside an object of the outer type is handed that object; nobody wrote it. */
    private MethodTypeDesc written(MethodModel method) {
        MethodTypeDesc all = method.methodTypeSymbol();
        return needsOuter && method.methodName().equalsString("<init>") && all.parameterCount() > 0
                ? all.dropParameterTypes(0, 1)
                : all;
    }

    private static String interfaceWords(Set<AccessFlag> marks) {
        String words = HeaderNames.words(marks, Set.of(AccessFlag.PRIVATE, AccessFlag.STATIC));
        return words.isEmpty() && !marks.contains(AccessFlag.ABSTRACT) ? "default " : words;
    }

    private void types() throws IOException {
        for (InnerClassInfo inner : names.innerOf(type)) {
            byte[] bytes = parts.bytes(HeaderNames.last(inner.innerClass().asInternalName()));
            if (bytes != null) {
                ClassModel part = ClassFile.of().parse(bytes);
                names.know(part);
                new TypeHeader(part, parts, names, text, indent + "    ").write(part.flags(), inner);
            }
        }
    }
}
