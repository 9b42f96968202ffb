using System;
using System.Collections.Generic;
using System.Linq;

namespace Aldera.Forms;

public abstract class Field
{
    private readonly List<Func<string, string?>> checks = new();

    protected Field(string name) => Name = name;

    public string Name { get; }
    public string Value { get; set; } = "";
    public bool Required { get; init; }

    public Field Check(Func<string, string?> check)
    {
        checks.Add(check);
        return this;
    }

    public IEnumerable<string> Errors()
    {
        if (Required && string.IsNullOrWhiteSpace(Value))
        {
            yield return $"{Name} is missing";
            yield break;
        }
        foreach (var check in checks)
        {
            if (check(Value) is { } error) yield return $"{Name}: {error}";
        }
    }

    public abstract string Html();
}

public class TextField : Field
{
    public TextField(string name) : base(name) { }
    public int Size { get; init; } = 20;
    public override string Html() => $"<input name='{Name}' size='{Size}' value='{Value}'>";
}

public class ChoiceField : Field
{
    private readonly string[] options;
    public ChoiceField(string name, params string[] options) : base(name) => this.options = options;
    public override string Html() => $"<select name='{Name}'>{string.Concat(options.Select(o => $"<option>{o}</option>"))}</select>";
}

public class Form
{
    private readonly List<Field> fields = new();

    public void Add(Field field) => fields.Add(field);

    public bool Bind(IReadOnlyDictionary<string, string> values)
    {
        foreach (var field in fields)
        {
            field.Value = values.TryGetValue(field.Name, out var value) ? value : "";
        }
        return !Errors().Any();
    }

    public IEnumerable<string> Errors() => fields.SelectMany(field => field.Errors());

    public string Html() => "<form>" + string.Concat(fields.Select(field => field.Html())) + "</form>";
}
