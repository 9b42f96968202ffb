<?php
namespace Aldera\Tickets;

class WithBicycle implements Ticket
{
    public function __construct(private Ticket $ticket) {}
    public function price(): int { return $this->ticket->price() + 300; }
    public function label(): string { return $this->ticket->label() . ' + bicycle'; }
}

class WithMeal implements Ticket
{
    private DayTicket $ticket;

    public function __construct(DayTicket $ticket)
    {
        $this->ticket = $ticket;
    }

    public function price(): int { return $this->ticket->price() + 900; }
    public function label(): string { return $this->ticket->label() . ' + meal'; }
}
