package crew;

class Muster {
    boolean check() {
        return Sailor.of("Bo").outranks(Sailor.parse("Ines:3"));
    }
}
