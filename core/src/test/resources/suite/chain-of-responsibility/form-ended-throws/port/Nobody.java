package port;
public final class Nobody implements Desk {
  public String answer(String question) { throw new IllegalArgumentException(question); }
}
