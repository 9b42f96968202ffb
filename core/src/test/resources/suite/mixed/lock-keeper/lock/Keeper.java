package lock;

public class Keeper {
    public static void main(String[] args) {
        Chamber chamber = new Chamber();
        chamber.run(new RaiseMove(chamber));
        chamber.run(new LowerMove(chamber));
        chamber.back();
        System.out.println(chamber.depth());
    }
}
