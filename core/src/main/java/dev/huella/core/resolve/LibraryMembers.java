package dev.huella.core.resolve;

import dev.huella.core.facts.FieldDeclared;
import dev.huella.core.facts.Modifiers;
import dev.huella.core.facts.Modifiers.Mark;
import dev.huella.core.facts.OperationDeclared.Kind;
import dev.huella.core.facts.Visibility;
import dev.huella.core.model.CodeType;
import dev.huella.core.model.Field;
import dev.huella.core.model.Operation;
import dev.huella.core.model.Operation.Parameter;
import dev.huella.core.model.TypeUse;
import dev.huella.core.model.TypeVariable;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.objectweb.asm.ClassVisitor;
import org.objectweb.asm.FieldVisitor;
import org.objectweb.asm.MethodVisitor;
import org.objectweb.asm.Opcodes;
import org.objectweb.asm.signature.SignatureReader;
import org.objectweb.asm.signature.SignatureVisitor;

/** Fills a library type from its class file: variables, supertypes, visible members with their generic types. */
final class LibraryMembers extends ClassVisitor {
    private static final int HIDDEN = Opcodes.ACC_PRIVATE | Opcodes.ACC_SYNTHETIC;
    private final CodeType type;
    private final LibraryTypes library;
    private final Map<String, TypeVariable> variables = new HashMap<>();

    LibraryMembers(CodeType type, LibraryTypes library) {
        super(Opcodes.ASM9);
        this.type = type;
        this.library = library;
    }

    @Override
    public void visit(int version, int access, String name, String signature, String superName, String[] interfaces) {
        var text = new StringBuilder();
        if (signature == null) {
            text.append('L').append(superName == null ? "java/lang/Object" : superName).append(';');
            for (String one : interfaces) {
                text.append('L').append(one).append(';');
            }
        }
        var head = new Head(variables);
        new SignatureReader(signature == null ? text.toString() : signature).accept(head);
        type.variables(head.declared);
        type.supertypes(head.supertypes.stream()
                .filter(use -> use.type() != null && !use.type().qualifiedName().equals("java.lang.Object"))
                .toList());
    }

    @Override
    public FieldVisitor visitField(int access, String name, String descriptor, String signature, Object value) {
        if ((access & HIDDEN) == 0) {
            var use = new Use(variables);
            new SignatureReader(signature == null ? descriptor : signature).acceptType(use);
            type.add(new Field(type, name, use.result(), modifiers(access), FieldDeclared.Kind.FIELD, null));
        }
        return null;
    }

    @Override
    public MethodVisitor visitMethod(int access, String name, String descriptor, String signature, String[] errors) {
        if ((access & HIDDEN) == 0 && !name.equals("<clinit>")) {
            boolean constructor = name.equals("<init>");
            var operation = new Operation(type, constructor ? type.name() : name,
                    constructor ? Kind.CONSTRUCTOR : Kind.OPERATION, modifiers(access),
                    (access & Opcodes.ACC_ABSTRACT) == 0, null);
            var head = new Head(new HashMap<>(variables));
            new SignatureReader(signature == null ? descriptor : signature).accept(head);
            List<Parameter> parameters = new ArrayList<>();
            for (Use use : head.parameters) {
                parameters.add(new Parameter("p" + parameters.size(), use.result()));
            }
            operation.signature(head.declared, parameters,
                    constructor || head.returned == null ? TypeUse.UNKNOWN : head.returned.result());
            type.add(operation);
        }
        return null;
    }

    private static Modifiers modifiers(int access) {
        EnumSet<Mark> marks = EnumSet.noneOf(Mark.class);
        if ((access & Opcodes.ACC_STATIC) != 0) {
            marks.add(Mark.STATIC);
        }
        if ((access & Opcodes.ACC_ABSTRACT) != 0) {
            marks.add(Mark.ABSTRACT);
        }
        if ((access & Opcodes.ACC_FINAL) != 0) {
            marks.add(Mark.FINAL);
        }
        Visibility visibility = (access & Opcodes.ACC_PUBLIC) != 0
                ? Visibility.PUBLIC
                : (access & Opcodes.ACC_PROTECTED) != 0 ? Visibility.PROTECTED : Visibility.PACKAGE;
        return new Modifiers(visibility, marks);
    }

    /** The head of a class or method: variables, then supertypes or parameters and result. */
    private final class Head extends SignatureVisitor {
        private final Map<String, TypeVariable> scope;
        private final List<TypeVariable> declared = new ArrayList<>();
        private final List<TypeUse> supertypes = new ArrayList<>();
        private final List<Use> parameters = new ArrayList<>();
        private Use returned;

        Head(Map<String, TypeVariable> scope) {
            super(Opcodes.ASM9);
            this.scope = scope;
        }

        @Override
        public void visitFormalTypeParameter(String name) {
            var variable = new TypeVariable(name);
            scope.put(name, variable);
            declared.add(variable);
        }

        @Override
        public SignatureVisitor visitClassBound() {
            return bound();
        }

        @Override
        public SignatureVisitor visitInterfaceBound() {
            return bound();
        }

        private SignatureVisitor bound() {
            TypeVariable variable = declared.getLast();
            return new Use(scope) {
                @Override
                void complete() {
                    TypeUse use = result();
                    if (use.type() == null || !use.type().qualifiedName().equals("java.lang.Object")) {
                        List<TypeUse> bounds = new ArrayList<>(variable.bounds());
                        bounds.add(use);
                        variable.bound(bounds);
                    }
                }
            };
        }

        @Override
        public SignatureVisitor visitSuperclass() {
            return supertype();
        }

        @Override
        public SignatureVisitor visitInterface() {
            return supertype();
        }

        private SignatureVisitor supertype() {
            return new Use(scope) {
                @Override
                void complete() {
                    supertypes.add(result());
                }
            };
        }

        @Override
        public SignatureVisitor visitParameterType() {
            var use = new Use(scope);
            parameters.add(use);
            return use;
        }

        @Override
        public SignatureVisitor visitReturnType() {
            returned = new Use(scope);
            return returned;
        }

        @Override
        public SignatureVisitor visitExceptionType() {
            return new Use(scope);
        }
    }

    /** One type inside a signature. */
    private class Use extends SignatureVisitor {
        private final Map<String, TypeVariable> scope;
        private final List<Use> arguments = new ArrayList<>();
        private int dimensions;
        private TypeUse simple = TypeUse.UNKNOWN;
        private CodeType named;

        Use(Map<String, TypeVariable> scope) {
            super(Opcodes.ASM9);
            this.scope = scope;
        }

        /** Called when the whole type was seen. */
        void complete() {
            // most uses are asked for their result instead
        }

        TypeUse result() {
            TypeUse base = named == null
                    ? simple
                    : TypeUse.of(named, arguments.stream().map(Use::result).toList());
            return base.array(dimensions);
        }

        @Override
        public void visitBaseType(char descriptor) {
            simple = TypeUse.primitive(org.objectweb.asm.Type.getType(String.valueOf(descriptor)).getClassName());
            complete();
        }

        @Override
        public void visitTypeVariable(String name) {
            TypeVariable variable = scope.get(name);
            simple = variable == null ? TypeUse.UNKNOWN : new TypeUse(name, null, variable, List.of(), 0);
            complete();
        }

        @Override
        public SignatureVisitor visitArrayType() {
            dimensions++;
            return this;
        }

        @Override
        public void visitClassType(String name) {
            named = library.byInternalName(name);
        }

        @Override
        public void visitInnerClassType(String name) {
            named = library.byInternalName(named.qualifiedName().replace('.', '/') + "/" + name);
            arguments.clear();
        }

        @Override
        public void visitTypeArgument() {
            arguments.add(new Use(scope));
        }

        @Override
        public SignatureVisitor visitTypeArgument(char wildcard) {
            var use = new Use(scope);
            arguments.add(use);
            return use;
        }

        @Override
        public void visitEnd() {
            complete();
        }
    }
}
