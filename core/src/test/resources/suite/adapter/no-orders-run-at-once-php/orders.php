<?php
namespace Aldera;

interface Order
{
    public function carryOut();
}

class Winch
{
    private int $turns = 0;

    public function heave()
    {
        $this->turns++;
    }

    public function slack()
    {
        $this->turns--;
    }
}

class Heave implements Order
{
    protected $winch;

    public function __construct(Winch $winch)
    {
        $this->winch = $winch;
    }

    public function carryOut()
    {
        $this->winch->heave();
    }
}

class Slack implements Order
{
    protected $winch;

    public function __construct(Winch $winch)
    {
        $this->winch = $winch;
    }

    public function carryOut()
    {
        $this->winch->slack();
    }
}

class Boatswain
{
    public function give(Order $order)
    {
        $order->carryOut();
    }
}

$winch = new Winch();
$boatswain = new Boatswain();
$boatswain->give(new Heave($winch));
$boatswain->give(new Slack($winch));
