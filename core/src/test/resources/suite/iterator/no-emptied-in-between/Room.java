package aldera.cargo;

public abstract class Room {
    public abstract Room clear();
}
