package aldera.permits;

/** What somebody may ask to do in the port. */
public enum PermitKind {
    TOWING, DIVING, HOT_WORK
}
