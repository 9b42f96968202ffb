<?php

class Engine
{
    public function run(): void
    {
    }
}

class Crane
{
    /** @var callable|Engine */
    private $engine;

    /** @var array<string, Hook> */
    private array $hooks = [];

    /** @param Engine|callable(): Engine $engine */
    public function __construct($engine)
    {
        $this->engine = $engine;
    }

    public function lift(): void
    {
        $this->engine->run();
    }

    public function hang(string $name, Hook $hook): void
    {
        $this->hooks[$name] = $hook;
    }
}

class Hook
{
}
