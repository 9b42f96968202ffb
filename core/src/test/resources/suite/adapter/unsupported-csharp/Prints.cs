using System;

public interface IPrinter
{
    void Print(string text);
    void Feed(int lines);
    bool Ready();
}

public class Telex
{
    private int sent;

    public void Send(char[] signs) => sent += signs.Length;

    public bool LineIsUp() => sent < 10000;
}

public class TelexPrinter : IPrinter
{
    private readonly Telex telex = new Telex();

    public void Print(string text) => telex.Send(text.ToCharArray());

    public void Feed(int lines) => throw new NotSupportedException();

    public bool Ready() => telex.LineIsUp();
}

public class LaserPrinter : IPrinter
{
    private int pages;

    public void Print(string text) => pages++;

    public void Feed(int lines) => pages += lines / 60;

    public bool Ready() => true;
}

public class Dispatch
{
    private readonly TelexPrinter printer;

    public Dispatch(TelexPrinter printer) => this.printer = printer;

    public void Storm()
    {
        if (printer.Ready())
        {
            printer.Print("STORM");
        }
    }
}

public static class Program
{
    public static void Main() => new Dispatch(new TelexPrinter()).Storm();
}
