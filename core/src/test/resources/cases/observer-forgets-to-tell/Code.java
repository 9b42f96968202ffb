package bus; import java.util.*;
interface StopListener { void arrived(Bus b); }
class Bus { private List<StopListener> ls = new ArrayList<>(); private String stop = ""; public void add(StopListener l) { ls.add(l); } public void remove(StopListener l) { ls.remove(l); }
 public void arrive(String s) { stop = s; fire(); } public void divert(String s) { stop = s; } public String stop() { return stop; }
 private void fire() { for (int i = 0; i < ls.size(); i++) { ls.get(i).arrived(this); } } }
class Sign implements StopListener { String text; public void arrived(Bus b) { text = b.stop(); } }
class Log implements StopListener { int n; public void arrived(Bus b) { if (b.stop().isEmpty()) return; n++; } }
class Depot { void go() { Bus b = new Bus(); b.add(new Sign()); b.add(new Log()); b.arrive("x"); } }
