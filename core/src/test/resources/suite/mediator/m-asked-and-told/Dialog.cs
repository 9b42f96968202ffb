namespace Clinic;

public interface IDialog
{
    void Changed(Control control);
}

public abstract class Control
{
    protected readonly IDialog Dialog;

    protected Control(IDialog dialog) => Dialog = dialog;
}

public class Choice : Control
{
    public int Chosen { get; private set; }

    public Choice(IDialog dialog) : base(dialog) { }

    public void Pick(int index)
    {
        Chosen = index;
        Dialog.Changed(this);
    }
}

public class Notes : Control
{
    private bool locked;

    public Notes(IDialog dialog) : base(dialog) { }

    public void Lock(bool on) => locked = on;

    public void Type(string text)
    {
        if (!locked && text.Length > 0) Dialog.Changed(this);
    }
}

public class AdmissionDialog : IDialog
{
    private readonly Choice ward;
    private readonly Notes notes;

    public AdmissionDialog()
    {
        ward = new Choice(this);
        notes = new Notes(this);
    }

    public void Changed(Control control)
    {
        if (control == ward) notes.Lock(ward.Chosen == 0);
    }
}
