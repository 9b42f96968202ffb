import java.util.*;
abstract class Guest { protected final Table table; Guest(Table t) { table = t; } abstract void hear(String s, Guest from); }
class Table { private final List<Guest> guests = new ArrayList<>(); int said;
  void seat(Guest g) { guests.add(g); } void leave(Guest g) { guests.remove(g); }
  void say(String s, Guest from) { said++; for (Guest g : guests) g.hear(s, from); } }
class Aunt extends Guest { Aunt(Table t) { super(t); } void tell(String s) { table.say(s, this); } String last; void hear(String s, Guest f) { last = s; } }
