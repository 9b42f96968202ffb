package dev.huella.core.source;

import static java.util.stream.Collectors.joining;

import java.lang.classfile.Attributes;
import java.lang.classfile.ClassModel;
import java.lang.classfile.MethodModel;
import java.lang.classfile.MethodSignature;
import java.lang.classfile.Signature;
import java.lang.classfile.attribute.InnerClassInfo;
import java.lang.classfile.attribute.MethodParameterInfo;
import java.lang.reflect.AccessFlag;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** What types are called in one header: short names, with an import for each, where no two are the same. */
final class HeaderNames {
    private final String namespace;
    private final Map<String, InnerClassInfo> inside = new HashMap<>();
    private final Map<String, String> imports = new TreeMap<>();

    HeaderNames(ClassModel outermost) {
        String name = outermost.thisClass().asInternalName();
        int slash = name.lastIndexOf('/');
        namespace = slash < 0 ? "" : name.substring(0, slash).replace('/', '.');
        imports.put(last(name), dotted(name));
        know(outermost);
    }

    /** Takes note of what a type says about the types inside others. */
    void know(ClassModel type) {
        type.findAttribute(Attributes.innerClasses())
                .ifPresent(all -> all.classes().forEach(one -> inside.put(one.innerClass().asInternalName(), one)));
    }

    /** Named types that stand right in a type, in order of its list. */
    List<InnerClassInfo> innerOf(ClassModel type) {
        return type.findAttribute(Attributes.innerClasses())
                .map(all -> all.classes()
                        .stream()
                        .filter(one -> one.innerName().isPresent() && !one.has(AccessFlag.SYNTHETIC)
                                && one.outerClass()
                                        .filter(outer -> outer.asInternalName()
                                                .equals(type.thisClass().asInternalName()))
                                        .isPresent())
                        .toList())
                .orElse(List.of());
    }

    /** The package and the imports. */
    String head() {
        var text = new StringBuilder();
        imports.values()
                .stream()
                .filter(name -> !Set.of("", "java.lang", namespace).contains(around(name)))
                .sorted()
                .forEach(name -> text.append("import ").append(name).append(";\n"));
        return (namespace.isEmpty() ? "" : "package %s;\n\n".formatted(namespace))
                + text.append(text.isEmpty() ? "" : "\n");
    }

    static String last(String internalName) {
        return internalName.substring(internalName.lastIndexOf('/') + 1);
    }

    /** The own name of a type, without those around it. */
    String simple(String internalName) {
        InnerClassInfo info = inside.get(internalName);
        return info == null || info.innerName().isEmpty()
                ? last(internalName)
                : info.innerName().get().stringValue();
    }

    /** Words of modifiers in the order people write them, each followed by a space. */
    static String words(Set<AccessFlag> marks, Set<AccessFlag> wanted) {
        return List.of(AccessFlag.PUBLIC, AccessFlag.PROTECTED, AccessFlag.PRIVATE, AccessFlag.ABSTRACT,
                AccessFlag.STATIC, AccessFlag.FINAL, AccessFlag.SYNCHRONIZED, AccessFlag.VOLATILE,
                AccessFlag.TRANSIENT, AccessFlag.NATIVE)
                .stream()
                .filter(mark -> marks.contains(mark) && wanted.contains(mark))
                .map(mark -> mark.name().toLowerCase(java.util.Locale.ROOT) + " ")
                .collect(joining());
    }

    /** The list of type parameters with their bounds, empty for none. */
    String parameters(List<Signature.TypeParam> parameters) {
        return parameters.isEmpty() ? "" : parameters.stream().map(this::parameter).collect(joining(", ", "<", ">"));
    }

    private String parameter(Signature.TypeParam parameter) {
        List<String> bounds = new ArrayList<>();
        parameter.classBound().ifPresent(bound -> bounds.add(type(bound)));
        parameter.interfaceBounds().forEach(bound -> bounds.add(type(bound)));
        bounds.remove("Object");
        return parameter.identifier() + (bounds.isEmpty() ? "" : " extends " + String.join(" & ", bounds));
    }

    /** Parameters with the names they were written with where the compiler kept them. */
    String given(MethodModel method, MethodSignature signature) {
        List<Signature> types = signature.arguments();
        List<String> called = called(method, types);
        List<String> all = new ArrayList<>();
        for (int i = 0; i < types.size(); i++) {
            String type = type(types.get(i));
            boolean any = i == types.size() - 1 && method.flags().has(AccessFlag.VARARGS) && type.endsWith("[]");
            all.add((any ? type.substring(0, type.length() - 2) + "..." : type) + " " + called.get(i));
        }
        return String.join(", ", all);
    }

    private static List<String> called(MethodModel method, List<Signature> types) {
        Map<Integer, String> bySlot = new HashMap<>();
        method.code()
                .flatMap(code -> code.findAttribute(Attributes.localVariableTable()))
                .ifPresent(table -> table.localVariables()
                        .stream()
                        .filter(one -> one.startPc() == 0)
                        .forEach(one -> bySlot.put(one.slot(), one.name().stringValue())));
        List<MethodParameterInfo> kept = method.findAttribute(Attributes.methodParameters())
                .map(attribute -> attribute.parameters())
                .filter(all -> all.size() == types.size())
                .orElse(List.of());
        int unlisted = method.methodTypeSymbol().parameterCount() - types.size();
        int slot = (method.flags().has(AccessFlag.STATIC) ? 0 : 1) + unlisted;
        List<String> names = new ArrayList<>();
        for (int i = 0; i < types.size(); i++) {
            String name = kept.isEmpty()
                    ? null
                    : kept.get(i).name().map(one -> one.stringValue()).orElse(null);
            names.add(name != null ? name : bySlot.getOrDefault(slot, "given" + (i + 1)));
            slot += types.get(i) instanceof Signature.BaseTypeSig base
                    && (base.baseType() == 'J' || base.baseType() == 'D') ? 2 : 1;
        }
        return names;
    }

    /** A type as it is written in Java. */
    String type(Signature signature) {
        return switch (signature) {
            case Signature.ArrayTypeSig array -> type(array.componentSignature()) + "[]";
            case Signature.TypeVarSig variable -> variable.identifier();
            case Signature.ClassTypeSig of -> outer(of) + arguments(of.typeArgs());
            case Signature.BaseTypeSig base -> java.lang.constant.ClassDesc.ofDescriptor("" + base.baseType())
                    .displayName();
        };
    }

    private String outer(Signature.ClassTypeSig of) {
        return of.outerType().isPresent()
                ? type(of.outerType().get()) + "." + of.className()
                : reached(of.className());
    }

    private String arguments(List<Signature.TypeArg> arguments) {
        return arguments.isEmpty()
                ? ""
                : arguments.stream().map(argument -> switch (argument) {
                    case Signature.TypeArg.Unbounded open -> "?";
                    case Signature.TypeArg.Bounded bound -> switch (bound.wildcardIndicator()) {
                        case NONE -> type(bound.boundType());
                        case EXTENDS -> "? extends " + type(bound.boundType());
                        case SUPER -> "? super " + type(bound.boundType());
                    };
                }).collect(joining(", ", "<", ">"));
    }

    /** The short name of a type, through those around it; the whole name where another has the short one. */
    private String reached(String internalName) {
        InnerClassInfo info = inside.get(internalName);
        if (info != null && info.outerClass().isPresent() && info.innerName().isPresent()) {
            return reached(info.outerClass().get().asInternalName()) + "." + info.innerName().get().stringValue();
        }
        String whole = dotted(internalName);
        String had = imports.putIfAbsent(last(internalName), whole);
        return had == null || had.equals(whole) ? last(internalName) : whole;
    }

    private static String around(String name) {
        return name.substring(0, Math.max(0, name.lastIndexOf('.')));
    }

    private static String dotted(String internalName) {
        return internalName.replace('/', '.');
    }
}
