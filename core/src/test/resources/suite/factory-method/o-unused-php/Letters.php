<?php

namespace Post;

interface Seal
{
    public function stamp(string $text): string;
}

final class WaxSeal implements Seal
{
    public function stamp(string $text): string
    {
        return $text . ' (wax)';
    }
}

final class InkSeal implements Seal
{
    public function stamp(string $text): string
    {
        return $text . ' (ink)';
    }
}

abstract class Office
{
    abstract protected function createSeal(): Seal;

    public function send(string $text): string
    {
        return (new InkSeal())->stamp($text);
    }
}

final class Embassy extends Office
{
    protected function createSeal(): Seal
    {
        return new WaxSeal();
    }
}

final class Branch extends Office
{
    protected function createSeal(): Seal
    {
        return new InkSeal();
    }
}
