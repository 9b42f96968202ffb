<?php
namespace Aldera\Tickets;

class Booth
{
    /** @return Ticket[] */
    public function offers(): array
    {
        return [new WithBicycle(new EveningTicket()), new WithBicycle(new WithMeal(new DayTicket()))];
    }
}
