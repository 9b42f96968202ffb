package aldera;

public class Mate {
    private final Room room;

    public Mate(Room room) {
        this.room = room;
    }

    public String plot(int chart) {
        return room.open(chart) ? "plotted" : "refused";
    }

    public static void main(String[] args) {
        System.out.println(new Mate(new GuardedRoom(new Badge("Ines", true))).plot(4));
    }
}
