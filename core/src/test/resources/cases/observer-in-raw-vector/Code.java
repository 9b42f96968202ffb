import java.util.*;
interface Ear { void heard(String s); }
class Mouth { private Vector ears = new Vector(); private String last;
  void addEar(Ear e) { ears.addElement(e); } void removeEar(Ear e) { ears.removeElement(e); }
  void say(String s) { last = s; for (Enumeration e = copy().elements(); e.hasMoreElements();) { ((Ear) e.nextElement()).heard(s); } }
  private Vector copy() { return (Vector) ears.clone(); } }
class Dog implements Ear { String s; public void heard(String t) { s = t; } }
