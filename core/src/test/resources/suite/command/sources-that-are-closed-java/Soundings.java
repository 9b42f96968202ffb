interface Soundings {
    Depth deepest();

    void close();
}

class Depth {
    final int metres;

    Depth(int metres) {
        this.metres = metres;
    }
}

class Line {
    void haul() {
        System.out.println("hauled");
    }
}

class Sonar {
    void mute() {
        System.out.println("mute");
    }
}

class LineSoundings implements Soundings {
    private final Line line;

    LineSoundings(Line line) {
        this.line = line;
    }

    public Depth deepest() {
        return new Depth(4);
    }

    public void close() {
        line.haul();
    }
}

class SonarSoundings implements Soundings {
    private final Sonar sonar;

    SonarSoundings(Sonar sonar) {
        this.sonar = sonar;
    }

    public Depth deepest() {
        return new Depth(8);
    }

    public void close() {
        sonar.mute();
    }
}

class Survey {
    private final java.util.ArrayDeque<Soundings> open = new java.util.ArrayDeque<>();

    void use(Soundings soundings) {
        open.add(soundings);
    }

    void finish() {
        while (!open.isEmpty()) {
            open.poll().close();
        }
    }
}

class Boat {
    void out(Survey survey) {
        survey.use(new LineSoundings(new Line()));
        survey.use(new SonarSoundings(new Sonar()));
    }
}
