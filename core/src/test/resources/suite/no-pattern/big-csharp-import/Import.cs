using System;
using System.Collections.Generic;
using System.IO;
using System.Linq;
namespace Aldera.Import;

public record Arrival(string Ship, DateTime Eta, int Tonnes);

public interface IArrivalReader : IDisposable { IEnumerable<Arrival> Read(); }

public sealed class TextArrivalReader : IArrivalReader
{
    private readonly TextReader reader;
    public TextArrivalReader(TextReader reader) => this.reader = reader;
    public IEnumerable<Arrival> Read()
    {
        string? line;
        while ((line = reader.ReadLine()) != null)
        {
            var parts = line.Split(';');
            yield return new Arrival(parts[0], DateTime.Parse(parts[1]), int.Parse(parts[2]));
        }
    }
    public void Dispose() => reader.Dispose();
}

public abstract class Validator
{
    private Validator? next;
    public Validator Then(Validator validator) { next = validator; return validator; }
    public string? Check(Arrival arrival)
    {
        var problem = Problem(arrival);
        return problem ?? next?.Check(arrival);
    }
    protected abstract string? Problem(Arrival arrival);
}
public sealed class NameValidator : Validator { protected override string? Problem(Arrival a) => string.IsNullOrWhiteSpace(a.Ship) ? "no name" : null; }
public sealed class TonnageValidator : Validator { private readonly int most; public TonnageValidator(int most) => this.most = most; protected override string? Problem(Arrival a) => a.Tonnes > most ? $"more than {most} t" : null; }
public sealed class EtaValidator : Validator { protected override string? Problem(Arrival a) => a.Eta < DateTime.UnixEpoch ? "too early" : null; }

public class Importer
{
    private readonly Validator validator;
    private readonly List<(Arrival, string)> refused = new();
    public Importer(Validator validator) => this.validator = validator;
    public IReadOnlyList<(Arrival, string)> Refused => refused;
    public List<Arrival> Import(IArrivalReader reader)
    {
        var good = new List<Arrival>();
        foreach (var arrival in reader.Read())
        {
            var problem = validator.Check(arrival);
            if (problem is null) good.Add(arrival); else refused.Add((arrival, problem));
        }
        return good;
    }
}

public static class Program
{
    public static int Main(string[] args)
    {
        var first = new NameValidator();
        first.Then(new TonnageValidator(90000)).Then(new EtaValidator());
        using var reader = new TextArrivalReader(File.OpenText(args[0]));
        return new Importer(first).Import(reader).Count;
    }
}
