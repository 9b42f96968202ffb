<?php

namespace Museum;

abstract class Tour
{
    public function run(): array
    {
        $stops = [$this->start()];
        foreach ($this->rooms() as $room) {
            $stops[] = $room;
        }
        $stops[] = 'exit';
        return $stops;
    }

    protected function start(): string
    {
        return 'hall';
    }

    abstract public function rooms(): array;
}

final class SchoolTour extends Tour
{
    public function rooms(): array
    {
        return ['dinosaurs', 'shop'];
    }
}

final class NightTour extends Tour
{
    public function rooms(): array
    {
        return ['mummies'];
    }

    public function run(): array
    {
        return array_reverse(parent::run());
    }
}
