<?php

namespace Inn;

final class Breakfast
{
    private Stove $stove;
    private Larder $larder;
    private Pan $pan;

    public function __construct()
    {
        $this->stove = new Stove();
        $this->larder = new Larder();
        $this->pan = new Pan();
    }

    public function omelette(int $eggs): string
    {
        $this->stove->light();
        $this->pan->add('eggs', $this->larder->take('eggs', $eggs));
        return $this->stove->ready() ? $this->pan->serve() : 'wait';
    }
}
