interface Crew { int size(); }
class Few implements Crew { public int size() { return 2; } }
class Many implements Crew { public int size() { return 200; } }
class Crews {
    static Crew of(Object source) {
        if (source instanceof Crew) {
            return (Crew) source;
        }
        return source instanceof String ? new Few() : new Many();
    }
}
class Roll {
    int count(Object source) { return Crews.of(source).size(); }
}
