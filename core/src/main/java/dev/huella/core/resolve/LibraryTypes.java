package dev.huella.core.resolve;

import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.TypeKind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import java.io.IOException;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.objectweb.asm.ClassReader;
import org.objectweb.asm.Opcodes;

/** Types of the running JDK, read from its class files: heads when named, members when first asked for. */
final class LibraryTypes {
    private final TypeIndex index;
    private final Map<String, Optional<CodeType>> known = new ConcurrentHashMap<>();

    LibraryTypes(TypeIndex index) {
        this.index = index;
    }

    /** By qualified name with dots, nested types included; null when the JDK has none of that name. */
    CodeType find(String qualifiedName) {
        Optional<CodeType> there = known.get(qualifiedName);
        if (there == null) {
            there = Optional.ofNullable(load(qualifiedName));
            Optional<CodeType> earlier = known.putIfAbsent(qualifiedName, there);
            there = earlier == null ? there : earlier;
        }
        return there.orElse(null);
    }

    private CodeType load(String qualifiedName) {
        if (!qualifiedName.startsWith("java") && !qualifiedName.startsWith("org.") && !qualifiedName.startsWith("jdk.")
                && !qualifiedName.startsWith("sun.") && !qualifiedName.startsWith("com.sun.")) {
            return null;
        }
        byte[] bytes = bytes(binaryName(qualifiedName));
        if (bytes == null) {
            return null;
        }
        var reader = new ClassReader(bytes);
        boolean promises = (reader.getAccess() & Opcodes.ACC_INTERFACE) != 0;
        EnumSet<Mark> marks = EnumSet.noneOf(Mark.class);
        if ((reader.getAccess() & Opcodes.ACC_ABSTRACT) != 0) {
            marks.add(Mark.ABSTRACT);
        }
        if ((reader.getAccess() & Opcodes.ACC_FINAL) != 0) {
            marks.add(Mark.FINAL);
        }
        TypeKind kind = promises
                ? TypeKind.INTERFACE
                : (reader.getAccess() & Opcodes.ACC_ENUM) != 0 ? TypeKind.ENUM : TypeKind.CLASS;
        String simple = qualifiedName.substring(qualifiedName.lastIndexOf('.') + 1);
        var type = new CodeType(simple, qualifiedName, kind, new Modifiers(Visibility.PUBLIC, marks), null, null,
                false);
        type.language("java");
        type.loadBy(() -> reader.accept(new LibraryMembers(type, this),
                ClassReader.SKIP_CODE | ClassReader.SKIP_DEBUG | ClassReader.SKIP_FRAMES));
        return type;
    }

    /** A type met inside a class file; known by name at least. */
    CodeType byInternalName(String internal) {
        String qualified = internal.replace('/', '.').replace('$', '.');
        CodeType type = index.qualified(qualified);
        return type != null ? type : index.outside(qualified);
    }

    /** {@code java.util.Map.Entry} becomes {@code java/util/Map$Entry}: names with a capital open a type. */
    private static String binaryName(String qualifiedName) {
        var name = new StringBuilder();
        boolean inside = false;
        for (String part : qualifiedName.split("\\.")) {
            name.append(name.isEmpty() ? "" : inside ? "$" : "/").append(part);
            inside |= !part.isEmpty() && Character.isUpperCase(part.charAt(0));
        }
        return name.toString();
    }

    private static byte[] bytes(String binaryName) {
        try (var in = ClassLoader.getPlatformClassLoader().getResourceAsStream(binaryName + ".class")) {
            return in == null ? null : in.readAllBytes();
        } catch (IOException e) {
            return null; // then the type is known by name only
        }
    }
}
