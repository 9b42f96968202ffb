<?php
namespace Aldera\Ferry;

class Online
{
    public function single(string $to): int
    {
        $passage = new Passage('Aldera', $to, 1, 0, false, null, true);
        return $passage->price();
    }
}
