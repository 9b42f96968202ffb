using System.Collections.Generic;
using System.Linq;

namespace Aldera.Messaging
{
    public class Outbox
    {
        private readonly PriorityQueue<IMessage, int> waiting = new();
        private readonly IChannel channel;
        public Outbox(IChannel channel) => this.channel = channel;
        public void Put(IMessage message) => waiting.Enqueue(message, -message.Priority);
        public int Flush()
        {
            var delivered = 0;
            while (waiting.TryDequeue(out var message, out _))
            {
                if (channel.Deliver(message)) delivered++;
            }
            return delivered;
        }
    }

    public class Officer
    {
        private readonly string name;
        public Officer(string name) => this.name = name;
        public int Warn(string address, string text)
        {
            var outbox = new Outbox(ChannelFactory.Create(address));
            outbox.Put(new SignedMessage(new UrgentMessage(new TextMessage(text, 1)), name));
            return outbox.Flush();
        }
    }
}
