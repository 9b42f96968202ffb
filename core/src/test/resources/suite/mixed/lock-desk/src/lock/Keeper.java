package lock;

public class Keeper {
    public static void main(String[] args) {
        Chamber chamber = new Chamber();
        GateLamp lamp = new GateLamp();
        chamber.watch(lamp);
        chamber.watch(LockBook.book());
        chamber.fill();
        System.out.println(lamp.isGreen());
    }
}
