<?php

interface Stop
{
    public function accept(Guide $guide): string;
}

class Mole implements Stop
{
    public function accept(Guide $guide): string
    {
        return $guide->atMole($this);
    }
}

class Lighthouse implements Stop
{
    public function accept(Guide $guide): string
    {
        return $guide->atLighthouse($this);
    }
}

interface Guide
{
    public function atMole(Mole $mole): string;

    public function atLighthouse(Lighthouse $lighthouse): string;
}

class Historian implements Guide
{
    public function atMole(Mole $mole): string
    {
        return 'built of stone';
    }

    public function atLighthouse(Lighthouse $lighthouse): string
    {
        return 'lit with oil';
    }
}

class Fisherman implements Guide
{
    public function atMole(Mole $mole): string
    {
        return 'good for eel';
    }

    public function atLighthouse(Lighthouse $lighthouse): string
    {
        return 'too windy';
    }
}

foreach ([new Mole(), new Lighthouse()] as $stop) {
    echo $stop->accept(new Historian()), $stop->accept(new Fisherman());
}
