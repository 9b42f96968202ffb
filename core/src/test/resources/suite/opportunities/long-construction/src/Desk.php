<?php
namespace Aldera\Ferry;

class Desk
{
    public function family(string $to): Passage
    {
        return new Passage('Aldera', $to, 2, 2, true, 'B4', false);
    }
}
