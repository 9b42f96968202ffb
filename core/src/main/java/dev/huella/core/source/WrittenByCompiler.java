package dev.huella.core.source;

import java.lang.classfile.Attributes;
import java.lang.classfile.ClassModel;
import java.lang.classfile.Instruction;
import java.lang.classfile.MethodModel;
import java.lang.classfile.Opcode;
import java.lang.classfile.instruction.InvokeDynamicInstruction;
import java.lang.reflect.AccessFlag;
import java.util.List;
import java.util.Set;

/** Operations of compiled types that nobody wrote, though no flag says so. */
final class WrittenByCompiler {
    private static final List<Opcode> READS_A_FIELD = List.of(Opcode.ALOAD_0, Opcode.GETFIELD);
    private static final List<Opcode> HANDS_ON = List.of(Opcode.ALOAD_0, Opcode.INVOKESPECIAL, Opcode.RETURN);

    private static final Set<AccessFlag> VISIBILITY = Set.of(AccessFlag.PUBLIC, AccessFlag.PROTECTED,
            AccessFlag.PRIVATE);

    private WrittenByCompiler() {}

    /**
     * @param kind the word that the type is declared with
     * @param ofType what the type is declared as; a constructor that nobody wrote is as visible as its type
     */
    static boolean is(MethodModel method, ClassModel type, String kind, Set<AccessFlag> ofType) {
        String name = method.methodName().stringValue();
        return switch (kind) {
            case "enum" -> isOfEnumeration(name, method.methodType().stringValue());
            case "record" -> isOfRecord(method, type);
            default -> name.equals("<init>") && method.methodType().equalsString("()V")
                    && VISIBILITY.stream().allMatch(one -> ofType.contains(one) == method.flags().has(one))
                    && codes(method).equals(HANDS_ON)
                    && line(method) == firstLine(type);
        };
    }

    private static boolean isOfEnumeration(String name, String shape) {
        return name.equals("values") && shape.startsWith("()")
                || name.equals("valueOf") && shape.startsWith("(Ljava/lang/String;)")
                || name.equals("<init>") && shape.equals("(Ljava/lang/String;I)V");
    }

    private static boolean isOfRecord(MethodModel method, ClassModel type) {
        List<Opcode> codes = codes(method);
        boolean accessor = codes.size() == 3 && codes.subList(0, 2).equals(READS_A_FIELD)
                && type.findAttribute(Attributes.record())
                        .orElseThrow()
                        .components()
                        .stream()
                        .anyMatch(part -> part.name().equalsString(method.methodName().stringValue()));
        return accessor || method.code()
                .stream()
                .flatMap(code -> code.elementStream())
                .anyMatch(one -> one instanceof InvokeDynamicInstruction dynamic
                        && dynamic.bootstrapMethod().owner().displayName().equals("ObjectMethods"));
    }

    private static List<Opcode> codes(MethodModel method) {
        return method.code()
                .map(code -> code.elementStream()
                        .filter(Instruction.class::isInstance)
                        .map(one -> ((Instruction) one).opcode())
                        .toList())
                .orElse(List.of());
    }

    /** The line a compiler wrote for what it added is that of the type, which stands before all others. */
    private static int firstLine(ClassModel type) {
        return type.methods().stream().mapToInt(WrittenByCompiler::line).filter(line -> line > 0).min().orElse(0);
    }

    private static int line(MethodModel method) {
        return method.code()
                .flatMap(code -> code.findAttribute(Attributes.lineNumberTable()))
                .flatMap(table -> table.lineNumbers().stream().map(one -> one.lineNumber()).min(Integer::compare))
                .orElse(0);
    }
}
