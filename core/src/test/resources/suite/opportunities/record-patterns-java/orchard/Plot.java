package orchard;

public sealed interface Plot permits Row, Terrace, Nursery {
}
