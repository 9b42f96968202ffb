<?php
interface Boat
{
    public function launch(): string;
}

class Tug implements Boat
{
    public function launch(): string
    {
        return 'tug';
    }
}

class Ferry implements Boat
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
        $this->makers = [
            'tug' => [$this, 'tug'],
            'ferry' => [self::class, 'ferry'],
        ];
    }

    public function make(string $kind): Boat
    {
        if (!isset($this->makers[$kind])) {
            throw new InvalidArgumentException($kind);
        }
        return ($this->makers[$kind])();
    }

    private function tug(): Boat
    {
        return new Tug();
    }

    private static function ferry(): Boat
    {
        return new Ferry();
    }
}

echo (new Yard())->make('tug')->launch();
