using System;
using System.Collections.Generic;

namespace Harbour;

public interface IPump { int Run(int minutes); void Stop(); }

public class DieselPump : IPump
{
    private int total;
    public int Run(int minutes) { total += minutes * 90; return total; }
    public void Stop() { total = 0; }
}

public class NotedPump : IPump
{
    private readonly DieselPump pump;
    private readonly List<string> notes;

    public NotedPump(DieselPump pump, List<string> notes)
    {
        this.pump = pump;
        this.notes = notes;
    }

    public int Run(int minutes)
    {
        notes.Add("run " + minutes);
        return pump.Run(minutes);
    }

    public void Stop()
    {
        notes.Add("stop");
        pump.Stop();
    }
}

public class Crew
{
    private readonly IPump pump;
    public Crew(IPump pump) { this.pump = pump; }
    public int Drain() { var litres = pump.Run(10); pump.Stop(); return litres; }
    public static void Main() => Console.WriteLine(new Crew(new NotedPump(new DieselPump(), new List<string>())).Drain());
}
