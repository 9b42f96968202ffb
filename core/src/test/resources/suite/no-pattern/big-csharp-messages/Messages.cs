using System;
using System.Collections.Generic;
using System.Linq;

namespace Aldera.Messaging
{
    public interface IMessage { string Text { get; } int Priority { get; } }

    public sealed class TextMessage : IMessage
    {
        public TextMessage(string text, int priority) { Text = text; Priority = priority; }
        public string Text { get; }
        public int Priority { get; }
    }

    public abstract class MessageDecorator : IMessage
    {
        private readonly IMessage inner;
        protected MessageDecorator(IMessage inner) => this.inner = inner;
        public virtual string Text => inner.Text;
        public virtual int Priority => inner.Priority;
    }

    public sealed class SignedMessage : MessageDecorator
    {
        private readonly string name;
        public SignedMessage(IMessage inner, string name) : base(inner) => this.name = name;
        public override string Text => $"{base.Text} -- {name}";
    }

    public sealed class UrgentMessage : MessageDecorator
    {
        public UrgentMessage(IMessage inner) : base(inner) { }
        public override string Text => "URGENT: " + base.Text;
        public override int Priority => base.Priority + 10;
    }
}
