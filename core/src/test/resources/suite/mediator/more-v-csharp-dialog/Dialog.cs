namespace Forms;

public interface IDialog { void Changed(Control sender); }

public abstract class Control
{
    private readonly IDialog _dialog;
    protected Control(IDialog dialog) => _dialog = dialog;
    public bool Enabled { get; set; } = true;
    protected void Notify() => _dialog.Changed(this);
}

public sealed class TextBox(IDialog dialog) : Control(dialog)
{
    public string Text { get; private set; } = "";
    public void Type(string text) { Text = text; Notify(); }
}

public sealed class CheckBox(IDialog dialog) : Control(dialog)
{
    public bool Checked { get; private set; }
    public void Toggle() { Checked = !Checked; Notify(); }
}

public sealed class Button(IDialog dialog) : Control(dialog)
{
    public void Click() { if (Enabled) Notify(); }
}

public sealed class SignUp : IDialog
{
    private readonly TextBox _name;
    private readonly CheckBox _terms;
    private readonly Button _ok;

    public SignUp()
    {
        _name = new TextBox(this);
        _terms = new CheckBox(this);
        _ok = new Button(this);
    }

    public void Changed(Control sender)
    {
        _ok.Enabled = _name.Text.Length > 0 && _terms.Checked;
        if (sender == _ok) Console.WriteLine($"welcome {_name.Text}");
    }
}
