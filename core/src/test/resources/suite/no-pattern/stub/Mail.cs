using System;

public interface IMail
{
    void Send(string text);
}

public class SmtpMail : IMail
{
    private int sent;
    public void Send(string text) => sent++;
}

public class LaterMail : IMail
{
    public void Send(string text) => throw new NotImplementedException();
}

public class Desk
{
    private readonly IMail mail;
    public Desk(IMail mail) => this.mail = mail;
    public void Leave(string ship) => mail.Send(ship + " left");
}

public static class Program
{
    public static void Main()
    {
        new Desk(new SmtpMail()).Leave("Rosa");
        new Desk(new LaterMail()).Leave("Marta");
    }
}
