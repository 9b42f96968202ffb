<?php
final class Room
{
    private ?Caller $caller = null;
    private ?Operator $operator = null;

    public function seat(Caller $caller, Operator $operator): void
    {
        $this->caller = $caller;
        $this->operator = $operator;
    }

    public function ring(string $number): void
    {
        $this->operator->connect($number);
    }

    public function connected(): void
    {
        $this->caller->speak();
    }
}

final class Caller
{
    private int $words = 0;

    public function __construct(private Room $room)
    {
    }

    public function dial(string $number): void
    {
        $this->room->ring($number);
    }

    public function speak(): void
    {
        $this->words++;
    }
}

final class Operator
{
    private array $lines = [];

    public function __construct(private Room $room)
    {
    }

    public function connect(string $number): void
    {
        $this->lines[] = $number;
        $this->room->connected();
    }
}
