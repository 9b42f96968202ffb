package aldera;

class Berths {
    int reserve(String ship) {
        return ship.length() % 7;
    }
}

class Tugs {
    void send(int berth) {
        System.out.println("tug to " + berth);
    }
}

class Tolls {
    int collect(String ship) {
        return ship.length() * 10;
    }
}
