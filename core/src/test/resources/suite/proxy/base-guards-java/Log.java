interface Log { void write(String line); String last(); }
class Book implements Log { private String last = ""; public void write(String line) { last = line; } public String last() { return last; } }
abstract class Guarding implements Log { private final Log real; Guarding(Log real) { this.real = real; } protected abstract boolean allowed(); public void write(String line) { if (!allowed()) throw new SecurityException("no"); real.write(line); } public String last() { return real.last(); } }
class Keyed extends Guarding { private boolean open; Keyed(Log real) { super(real); } void open() { open = true; } protected boolean allowed() { return open; } }
class Office { void note() { Log log = new Keyed(new Book()); log.write("in"); } }
