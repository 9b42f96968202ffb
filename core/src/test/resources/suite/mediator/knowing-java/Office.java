class Office {
    private final Printer printer = new Printer(this); private final Scanner scanner = new Scanner(this);
    void paperIn() { printer.print(); }
    void scanned() { printer.print(); scanner.rest(); }
}
class Printer {
    private final Office office; private int pages;
    Printer(Office o) { office = o; }
    void print() { pages++; }
    void load() { office.paperIn(); }
}
class Scanner {
    private final Office office; private Printer near; private boolean resting;
    Scanner(Office o) { office = o; }
    void scan() { office.scanned(); }
    void rest() { resting = true; }
}
