package adventure;

public class Hero {
    private Room room;
    private Mood mood = new Fresh(this);

    public Hero(Room start) {
        this.room = start;
    }

    public void walk(Direction direction) {
        mood.walk(direction);
    }

    public void rest() {
        mood.rest();
    }

    void enter(Direction direction) {
        Room next = room.exit(direction);
        if (next == null) {
            System.out.println("a wall");
        } else {
            room = next;
        }
    }

    void feel(Mood mood) {
        this.mood = mood;
    }

    public String where() {
        return room.name() + ", " + mood.describe();
    }
}
