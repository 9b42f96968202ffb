namespace Aldera;
public abstract class Approver
{
    protected Approver? Next;
    public void SetNext(Approver next) { Next = next; }
    public abstract void Approve(int cents);
}
public class Cashier : Approver
{
    private int paid;
    public override void Approve(int cents)
    {
        if (cents < 1000) paid += cents;
        else Next?.Approve(cents);
    }
}
public class Manager : Approver
{
    private int paid;
    public override void Approve(int cents)
    {
        if (cents < 90000) paid += cents;
        else Next?.Approve(cents);
    }
}
public class Guest
{
    public void Return(Approver first) => first.Approve(5000);
}
