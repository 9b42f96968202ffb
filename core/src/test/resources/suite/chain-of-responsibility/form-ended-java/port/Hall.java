package port;
public final class Hall {
  private final Desk first = new Tides(new Berths(new Nobody()));
  public String ask(String question) { return first.answer(question); }
}
