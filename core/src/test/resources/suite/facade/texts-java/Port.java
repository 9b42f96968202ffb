package aldera;

public class Port {
    private final Pilot pilot = new Pilot();
    private final Tug tug = new Tug();
    private final Gang gang = new Gang();

    public String receive() {
        return pilot.board() + tug.push() + gang.moor();
    }

    public static void main(String[] args) {
        System.out.println(new Ship().call(new Port()));
    }
}

class Ship {
    String call(Port port) {
        return port.receive();
    }
}

class Pilot {
    String board() {
        return "pilot on board; ";
    }
}

class Tug {
    String push() {
        return "tug pushes; ";
    }
}

class Gang {
    String moor() {
        return "gang moors.";
    }
}
