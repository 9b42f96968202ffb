namespace Customs;

public interface IDuty { decimal On(decimal value); }
public sealed class FlatDuty : IDuty { public decimal On(decimal value) => 12; }
public sealed class ShareDuty : IDuty { public decimal On(decimal value) => value * 0.08m; }

public sealed class Declaration
{
    private IDuty _duty = new FlatDuty();
    private decimal _value;

    public void Use(IDuty duty) => _duty = duty;

    public void Declare(decimal value) => _value += value;

    public string Print()
    {
        var text = _duty is ShareDuty ? "share" : "flat";
        return $"{text}: {_duty.On(_value)}";
    }
}

public sealed class Officer
{
    public string Check()
    {
        var declaration = new Declaration();
        declaration.Use(new ShareDuty());
        declaration.Declare(100);
        return declaration.Print();
    }
}
