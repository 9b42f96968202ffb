<?php

namespace Radio;

final class Studio
{
    use Single;

    private array $queue = [];

    public function play(string $song): void
    {
        $this->queue[] = $song;
    }
}

final class Host
{
    public function wish(string $song): void
    {
        Studio::it()->play($song);
    }
}
