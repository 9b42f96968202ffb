using System;
using System.Collections.Generic;
using System.Linq;

namespace Aldera.Messaging
{
    public interface IChannel { bool Deliver(IMessage message); }

    public sealed class RadioChannel : IChannel
    {
        private readonly List<string> sent = new();
        public bool Deliver(IMessage message)
        {
            if (message.Text.Length > 80) return false;
            sent.Add(message.Text);
            return true;
        }
    }

    public sealed class MailChannel : IChannel
    {
        private readonly string host;
        public MailChannel(string host) => this.host = host;
        public bool Deliver(IMessage message)
        {
            Console.WriteLine($"{host}: {message.Text}");
            return true;
        }
    }

    public static class ChannelFactory
    {
        public static IChannel Create(string address)
        {
            if (address.Contains('@')) return new MailChannel(address.Split('@')[1]);
            if (address.StartsWith("VHF")) return new RadioChannel();
            throw new FormatException($"no channel for {address}");
        }
    }
}
