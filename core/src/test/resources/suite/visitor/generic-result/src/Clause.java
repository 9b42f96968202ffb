package aldera;

public interface Clause {
    <R> R accept(ClauseVisitor<R> visitor);
}
