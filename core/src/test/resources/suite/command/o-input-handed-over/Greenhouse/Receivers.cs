using System;
namespace Greenhouse;

public class Valve
{
    public void OpenFor(int minutes) => Console.WriteLine($"water {minutes} min");
}

public class Roof
{
    public void Lift() => Console.WriteLine("roof up");
    public void CloseAfter(int minutes) => Console.WriteLine($"roof down in {minutes}");
}
