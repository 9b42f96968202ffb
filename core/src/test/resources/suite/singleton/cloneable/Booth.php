<?php
namespace Aldera\Print;
class Booth
{
    public function sell(): int { return TicketPrinter::only()->print('day'); }
    public function spare(): TicketPrinter { return clone TicketPrinter::only(); }
}
