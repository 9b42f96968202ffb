<?php
interface TicketState
{
    public function punch(Ticket $ticket): void;
}

final class Fresh implements TicketState
{
    public function punch(Ticket $ticket): void
    {
        $ticket->become(new Punched());
    }
}

final class Punched implements TicketState
{
    public function punch(Ticket $ticket): void
    {
        $ticket->become(new Spent());
    }
}

final class Spent implements TicketState
{
    public function punch(Ticket $ticket): void
    {
        throw new LogicException('used up');
    }
}

final class Ticket
{
    private TicketState $state;

    public function __construct()
    {
        $this->state = new Fresh();
    }

    public function become(TicketState $state): void
    {
        $this->state = $state;
    }

    public function punch(): void
    {
        $this->state->punch($this);
    }
}
