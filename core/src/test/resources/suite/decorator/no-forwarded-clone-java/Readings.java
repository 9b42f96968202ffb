interface Readings extends Cloneable {
    int count();
    Object clone() throws CloneNotSupportedException;
}
