package port;
public interface Desk { String answer(String question); }
