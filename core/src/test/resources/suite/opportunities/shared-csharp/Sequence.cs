namespace Aldera.Numbers;
public class TicketNumbers { private int last; private readonly string file; public TicketNumbers(string file) { this.file = file; } public int Next() { last++; System.IO.File.WriteAllText(file, last.ToString()); return last; } }
public class FerryDesk { private readonly TicketNumbers numbers = new TicketNumbers("tickets.txt"); public string Sell() => $"F{numbers.Next()}"; }
public class BusDesk { private readonly TicketNumbers numbers = new TicketNumbers("tickets.txt"); public string Sell() => $"B{numbers.Next()}"; }
public class Label { public Label(string text) { Text = text; } public string Text { get; } }
public class A { public Label L = new Label("x"); }
public class B { public Label L = new Label("x"); }
