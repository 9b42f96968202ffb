using System;

namespace Aldera.Printing;

public interface IPrinter
{
    void Write(string text);
    void Feed();
}

public sealed class MatrixPrinter : IPrinter
{
    private int column;
    void IPrinter.Write(string text) => column += text.Length;
    void IPrinter.Feed() => column = 0;
}

public sealed class ScreenPrinter : IPrinter
{
    public void Write(string text) => Console.WriteLine(text);
    public void Feed() => Console.Clear();
}
