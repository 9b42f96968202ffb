import java.util.EnumSet;
import java.util.Set;
abstract class Load {
    enum Mark { FRAGILE, COLD }
    final Set<Mark> marks;
    abstract static class Builder<T extends Builder<T>> {
        private final EnumSet<Mark> marks = EnumSet.noneOf(Mark.class);
        T marked(Mark mark) { marks.add(mark); return self(); }
        abstract Load build();
        protected abstract T self();
    }
    Load(Builder<?> builder) { marks = builder.marks.clone(); }
}
