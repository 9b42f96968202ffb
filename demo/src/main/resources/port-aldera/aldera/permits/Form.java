package aldera.permits;

/** A sheet that is filled in at the desk. */
public interface Form {
    String fill(VisitRequest request);

    int copies();
}
