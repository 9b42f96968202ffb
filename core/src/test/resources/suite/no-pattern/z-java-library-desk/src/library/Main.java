package library;

import java.time.LocalDate;

public class Main {
    public static void main(String[] args) {
        Shelves shelves = new Shelves();
        shelves.put(new Book("1", "Tides"));
        Desk desk = new Desk(shelves);
        Reader ana = new Reader("Ana");
        desk.lend("1", ana, LocalDate.of(2026, 1, 1));
        desk.takeBack("1", LocalDate.of(2026, 3, 1));
        System.out.println(shelves.search("tide").size() + " " + ana.mayBorrow());
    }
}
