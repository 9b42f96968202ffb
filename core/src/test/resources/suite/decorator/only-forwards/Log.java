package aldera;
interface Log { void line(String text); int size(); }
class PaperLog implements Log { private final java.util.List<String> all = new java.util.ArrayList<>(); public void line(String text) { all.add(text); } public int size() { return all.size(); } }
abstract class LogDecorator implements Log { protected final Log inner; LogDecorator(Log inner) { this.inner = inner; } public void line(String text) { inner.line(text); } public int size() { return inner.size(); } }
class StampedLog extends LogDecorator { StampedLog(Log inner) { super(inner); } @Override public void line(String text) { super.line(System.nanoTime() + " " + text); } }
class PlainLog extends LogDecorator { PlainLog(Log inner) { super(inner); } }
class UpperLog extends LogDecorator { UpperLog(Log inner) { super(inner); } @Override public void line(String text) { inner.line(text.toUpperCase()); } }
class Office { Log open() { return new UpperLog(new PlainLog(new StampedLog(new PaperLog()))); } }
