package aldera;

public class Main {
    public static void main(String[] args) {
        BerthStore store = new BerthStore();
        store.save(new Berth(1, 80, null));
        store.save(new Berth(2, 140, null));
        BerthService service = new BerthService(store);
        System.out.println(service.assign("Sirena", 100));
        System.out.println(service.whereIs("Sirena").isPresent());
    }
}
