<?php

namespace Insurance;

class Office
{
    private Clerk $first;

    public function __construct()
    {
        $this->first = new Junior();
        $this->first->then(new FireExpert())->then(new Director());
    }

    public function settle(int $cents): string
    {
        return $this->first->handle(new Claim($cents, false));
    }
}
