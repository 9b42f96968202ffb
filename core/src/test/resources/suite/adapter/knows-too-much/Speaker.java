package aldera;
interface Speaker { void announce(String text); int volume(); }
class Horn {
  private int pressure = 4;
  void repeatThrough(Speaker speaker) { if (pressure > 1) speaker.announce("again"); }
  void blast(char[] letters) { pressure -= letters.length; }
  int pressure() { return pressure; }
}
class HornSpeaker implements Speaker {
  private final Horn horn;
  HornSpeaker(Horn horn) { this.horn = horn; }
  @Override public void announce(String text) { horn.blast(text.toCharArray()); }
  @Override public int volume() { return horn.pressure() * 10; }
}
