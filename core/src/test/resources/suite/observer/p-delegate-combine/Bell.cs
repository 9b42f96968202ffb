namespace School;

public delegate void Rung(int times);

public class Bell
{
    private Rung? listeners;
    private int times;

    public void Listen(Rung listener)
    {
        listeners = (Rung)Delegate.Combine(listeners, listener);
    }

    public void Leave(Rung listener)
    {
        listeners = (Rung?)Delegate.Remove(listeners, listener);
    }

    public void Ring()
    {
        times++;
        listeners?.Invoke(times);
    }
}

public class Teacher
{
    private int heard;

    public Teacher(Bell bell) => bell.Listen(Note);

    private void Note(int times) => heard = times;
}
