<?php

namespace Aldera\Complaints;

final class NoiseDesk extends Desk
{
    protected function answer(string $complaint): ?string
    {
        return str_contains($complaint, 'horn') ? 'we call the ship' : null;
    }
}

final class SmellDesk extends Desk
{
    protected function answer(string $complaint): ?string
    {
        return str_contains($complaint, 'fish') ? 'it is a port' : null;
    }
}
