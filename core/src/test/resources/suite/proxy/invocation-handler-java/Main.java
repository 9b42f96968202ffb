package store;

public class Main {
    public static void main(String[] args) {
        Store store = Counted.of(new MapStore());
        store.put("berth", "4");
        System.out.println(store.get("berth"));
    }
}
