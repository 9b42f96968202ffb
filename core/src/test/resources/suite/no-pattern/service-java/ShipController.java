package aldera.repo;

public class ShipController {
    private final ShipService service = new ShipService(new MemoryRepository());

    public String post(String name) {
        service.register(name);
        return "now " + service.count();
    }
}
