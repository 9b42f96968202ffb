package aldera.repo;

public class ShipService {
    private final Repository repository;

    public ShipService(Repository repository) {
        this.repository = repository;
    }

    public void register(String name) {
        if (name.isBlank()) {
            throw new IllegalArgumentException("a ship has a name");
        }
        repository.save(name.strip());
    }

    public int count() {
        return repository.all().size();
    }
}
