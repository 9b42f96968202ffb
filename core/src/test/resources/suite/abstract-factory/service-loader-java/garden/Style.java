package garden;

public interface Style {
    Bench bench();

    Fountain fountain();
}
