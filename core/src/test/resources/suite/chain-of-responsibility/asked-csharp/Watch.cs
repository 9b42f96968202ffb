public interface Watch {
    Watch? Next { get; }
    string? Attempt(int fault);
    string Handle(int fault) => Attempt(fault) ?? Next?.Handle(fault) ?? "nobody";
}
public class Sluice(Watch? next) : Watch { public Watch? Next { get; } = next; public string? Attempt(int fault) => fault < 3 ? "sluice" : null; }
public class Gatehouse(Watch? next) : Watch { public Watch? Next { get; } = next; public string? Attempt(int fault) => fault < 7 ? "gatehouse" : null; }
public class Lock { public string Report(int fault) { Watch first = new Sluice(new Gatehouse(null)); return first.Handle(fault); } }
