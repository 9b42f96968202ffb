package aldera;
class Winch { private int rope; void unroll(int by) { rope += by; } int rope() { return rope; } }
class Crane {
    private final Winch winch;
    private String mode = "idle";
    Crane(Winch winch) { this.winch = winch; }
    Crane lower(int by) { winch.unroll(by); return this; }
    Crane named(String mode) { this.mode = mode; return this; }
    Winch winch() { return winch; }
}
class Quay {
    int work() { return new Crane(new Winch()).lower(4).named("grain").winch().rope(); }
}
