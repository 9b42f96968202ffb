using System;
using System.Collections.Generic;
namespace Aldera.Bus;
public sealed class MessageBus : ICloneable
{
    private static readonly Lazy<MessageBus> lazy = new Lazy<MessageBus>(() => new MessageBus());
    private readonly Queue<string> queue = new();
    private MessageBus() { }
    public static MessageBus Current => lazy.Value;
    public void Post(string text) => queue.Enqueue(text);
    public object Clone() => MemberwiseClone();
}
public class Sender { public void Send(string t) => MessageBus.Current.Post(t); }
