package desk;

public enum Priority {
    LOW, NORMAL, URGENT;

    public boolean before(Priority other) {
        return ordinal() > other.ordinal();
    }
}
