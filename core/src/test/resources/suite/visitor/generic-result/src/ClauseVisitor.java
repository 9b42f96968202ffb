package aldera;

public interface ClauseVisitor<R> {
    R price(Price price);

    R term(Term term);
}
