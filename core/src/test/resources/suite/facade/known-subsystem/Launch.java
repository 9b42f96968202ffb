package aldera;
class SlipDoor { private boolean open; void open() { open = true; } boolean isOpen() { return open; } }
class Cradle { private int metres; void run(int metres) { this.metres += metres; } }
class Band {
  private LaunchOffice office;
  void answerTo(LaunchOffice office) { this.office = office; }
  void play() { if (office != null) office.note("music"); }
}
class LaunchOffice {
  private final SlipDoor door = new SlipDoor();
  private final Cradle cradle = new Cradle();
  private final Band band = new Band();
  LaunchOffice() { band.answerTo(this); }
  void launch(String ship) { door.open(); cradle.run(90); band.play(); }
  void note(String text) { System.out.println(text); }
}
class Owner { private final LaunchOffice office; Owner(LaunchOffice office) { this.office = office; } void celebrate() { office.launch("Gaviota"); } }
