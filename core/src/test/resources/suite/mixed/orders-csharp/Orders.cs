using System;
using System.Collections.Generic;

namespace Aldera.Orders;

public interface IOrderStore
{
    void Put(string id, string what);
    string? Get(string id);
}

public sealed class MemoryStore : IOrderStore
{
    private readonly Dictionary<string, string> orders = new();

    public void Put(string id, string what) => orders[id] = what;

    public string? Get(string id) => orders.TryGetValue(id, out var what) ? what : null;
}

public sealed class AuditedStore : IOrderStore
{
    private readonly IOrderStore inner;
    private readonly Action<string> audit;

    public AuditedStore(IOrderStore inner, Action<string> audit)
    {
        this.inner = inner;
        this.audit = audit;
    }

    public void Put(string id, string what)
    {
        audit($"put {id}");
        inner.Put(id, what);
    }

    public string? Get(string id)
    {
        audit($"get {id}");
        return inner.Get(id);
    }
}

public abstract record Step
{
    public sealed record Ask(string Question) : Step;

    public sealed record Done(string Result) : Step;
}

public interface IStepReader<T>
{
    T Ask(Step.Ask ask);
    T Done(Step.Done done);
}

public static class Steps
{
    public static T Read<T>(this Step step, IStepReader<T> reader) => step switch
    {
        Step.Ask ask => reader.Ask(ask),
        Step.Done done => reader.Done(done),
        _ => throw new InvalidOperationException()
    };
}

public sealed class Plain : IStepReader<string>
{
    public string Ask(Step.Ask ask) => ask.Question + "?";

    public string Done(Step.Done done) => done.Result;
}

public static class StoreFactory
{
    public static IOrderStore Create(bool audited)
    {
        IOrderStore store = new MemoryStore();
        return audited ? new AuditedStore(store, Console.WriteLine) : store;
    }
}

public static class Program
{
    public static void Main()
    {
        var store = StoreFactory.Create(true);
        store.Put("1", new Step.Ask("berth").Read(new Plain()));
        Console.WriteLine(store.Get("1"));
    }
}
