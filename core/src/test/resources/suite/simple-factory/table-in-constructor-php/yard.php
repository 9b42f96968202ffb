<?php
abstract class Boat
{
    abstract public function launch(): string;
}

class Tug extends Boat
{
    public function launch(): string
    {
        return 'tug';
    }
}

class Ferry extends Boat
{
    public function launch(): string
    {
        return 'ferry';
    }
}

class Yard
{
    private array $makers;

    public function __construct()
    {
        $this->makers = ['tug' => fn () => new Tug(), 'ferry' => function () { return new Ferry(); }];
    }

    public function make(string $kind): Boat
    {
        return $this->makers[$kind]();
    }
}
