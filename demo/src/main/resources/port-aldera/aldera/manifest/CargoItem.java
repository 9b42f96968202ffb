package aldera.manifest;

/** Something in the hold. */
public interface CargoItem {
    void inspect(Survey survey);

    double tonnes();
}
