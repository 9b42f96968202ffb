<?php

namespace Aldera;

final class Desk
{
    private ?HandPump $spare = null;

    public function alarm(Crew $crew): int
    {
        $this->spare = new HandPump();
        return $crew->empty(10) + $this->spare->litres(2);
    }
}

echo (new Desk())->alarm(new YardCrew()) + (new Desk())->alarm(new BoatCrew());
