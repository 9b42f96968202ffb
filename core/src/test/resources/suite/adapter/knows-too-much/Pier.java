package aldera;
class Pier {
  private final HornSpeaker speaker;
  Pier(HornSpeaker speaker) { this.speaker = speaker; }
  void call() { speaker.announce("last boat"); }
}
