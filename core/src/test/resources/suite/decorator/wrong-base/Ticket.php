<?php
namespace Aldera\Tickets;

interface Ticket
{
    public function price(): int;
    public function label(): string;
}

class DayTicket implements Ticket
{
    public function price(): int { return 1200; }
    public function label(): string { return 'day'; }
}

class EveningTicket implements Ticket
{
    public function price(): int { return 700; }
    public function label(): string { return 'evening'; }
}
