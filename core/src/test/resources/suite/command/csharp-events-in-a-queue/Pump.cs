using System.Collections.Generic;
namespace Aldera.Signals {
    public interface IHarbourListener { void ShipArrived(string ship); void ShipLeft(string ship, int berth); }
    public abstract class Message { public abstract void Send(IHarbourListener listener); }
    public class Arrived : Message {
        private readonly string ship;
        public Arrived(string ship) { this.ship = ship; }
        public override void Send(IHarbourListener listener) { listener.ShipArrived(ship); }
    }
    public class Left : Message {
        private readonly string ship;
        private readonly int berth;
        public Left(string ship, int berth) { this.ship = ship; this.berth = berth; }
        public override void Send(IHarbourListener listener) { listener.ShipLeft(ship, berth); }
    }
    public class MessageQueue {
        private readonly Queue<Message> waiting = new Queue<Message>();
        public void Enqueue(Message message) { waiting.Enqueue(message); }
        public Message Dequeue() { return waiting.Count == 0 ? null : waiting.Dequeue(); }
    }
    public class Pump {
        private readonly MessageQueue queue;
        private readonly IHarbourListener listener;
        public Pump(MessageQueue queue, IHarbourListener listener) { this.queue = queue; this.listener = listener; }
        public void Run() {
            Message message = queue.Dequeue();
            while (message != null) {
                message.Send(listener);
                message = queue.Dequeue();
            }
        }
    }
    public class Board : IHarbourListener {
        public void ShipArrived(string ship) { System.Console.WriteLine(ship); }
        public void ShipLeft(string ship, int berth) { System.Console.WriteLine(ship + berth); }
    }
    public class Watch {
        public void Begin(MessageQueue queue) {
            queue.Enqueue(new Arrived("Ana"));
            queue.Enqueue(new Left("Rosa", 3));
        }
    }
}
