<?php

namespace Clock;

final class Chime
{
    use Single;

    private int $strikes = 0;

    public function strike(): int
    {
        return ++$this->strikes;
    }
}

class Tower
{
    public function noon(): void
    {
        for ($i = 0; $i < 12; $i++) {
            Chime::one()->strike();
        }
    }
}
