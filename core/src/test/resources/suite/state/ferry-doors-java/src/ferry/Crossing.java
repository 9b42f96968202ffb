package ferry;

public class Crossing {
    public static void main(String[] args) {
        Door door = new Door();
        BridgeLamp lamp = new BridgeLamp();
        ServiceBook book = new ServiceBook();
        door.watch(lamp);
        door.watch(book);
        door.press();
        door.press();
        door.unwatch(lamp);
        System.out.println(lamp.isRed() + " " + book.due());
    }
}
