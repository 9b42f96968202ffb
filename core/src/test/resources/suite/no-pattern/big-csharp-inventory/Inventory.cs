using System;
using System.Collections.Generic;
using System.Linq;
namespace Aldera.Inventory;

public record Part(string Code, string Name, int Stock);

public interface IPartRepository
{
    Part? Find(string code);
    IReadOnlyList<Part> All();
    void Save(Part part);
}

public class InMemoryParts : IPartRepository
{
    private readonly Dictionary<string, Part> parts = new();
    public Part? Find(string code) => parts.GetValueOrDefault(code);
    public IReadOnlyList<Part> All() => parts.Values.ToList();
    public void Save(Part part) => parts[part.Code] = part;
}

public interface ISpecification<T>
{
    bool IsSatisfiedBy(T candidate);
}

public class LowStock : ISpecification<Part>
{
    private readonly int limit;
    public LowStock(int limit) => this.limit = limit;
    public bool IsSatisfiedBy(Part candidate) => candidate.Stock < limit;
}

public class NameContains : ISpecification<Part>
{
    private readonly string text;
    public NameContains(string text) => this.text = text;
    public bool IsSatisfiedBy(Part candidate) => candidate.Name.Contains(text, StringComparison.OrdinalIgnoreCase);
}

public class And<T> : ISpecification<T>
{
    private readonly ISpecification<T> left, right;
    public And(ISpecification<T> left, ISpecification<T> right) { this.left = left; this.right = right; }
    public bool IsSatisfiedBy(T candidate) => left.IsSatisfiedBy(candidate) && right.IsSatisfiedBy(candidate);
}

public class Not<T> : ISpecification<T>
{
    private readonly ISpecification<T> inner;
    public Not(ISpecification<T> inner) => this.inner = inner;
    public bool IsSatisfiedBy(T candidate) => !inner.IsSatisfiedBy(candidate);
}

public class PartService
{
    private readonly IPartRepository parts;
    private readonly ILogger log;
    public PartService(IPartRepository parts, ILogger log) { this.parts = parts; this.log = log; }
    public event EventHandler<Part>? Changed;
    public IEnumerable<Part> Where(ISpecification<Part> specification) => parts.All().Where(specification.IsSatisfiedBy);
    public void Withdraw(string code, int count)
    {
        var part = parts.Find(code) ?? throw new KeyNotFoundException(code);
        var next = part with { Stock = part.Stock - count };
        parts.Save(next);
        log.Info($"{code}: {next.Stock}");
        Changed?.Invoke(this, next);
    }
}

public interface ILogger { void Info(string text); }
public class ConsoleLogger : ILogger { public void Info(string text) => Console.WriteLine(text); }
public class SilentLogger : ILogger { public static readonly SilentLogger Instance = new(); private SilentLogger() { } public void Info(string text) { } }

public class Reorder
{
    private readonly List<string> codes = new();
    public Reorder(PartService service) { service.Changed += OnChanged; }
    private void OnChanged(object? sender, Part part) { if (part.Stock < 3) codes.Add(part.Code); }
    public IReadOnlyList<string> Codes => codes;
}

public static class Program
{
    public static void Main(string[] args)
    {
        ILogger log = args.Contains("-q") ? SilentLogger.Instance : new ConsoleLogger();
        var service = new PartService(new InMemoryParts(), log);
        var reorder = new Reorder(service);
        service.Withdraw("R1", 2);
        var rare = service.Where(new And<Part>(new LowStock(3), new Not<Part>(new NameContains("rope")))).ToList();
        Console.WriteLine(rare.Count + reorder.Codes.Count);
    }
}
