<?php
declare(strict_types=1);

namespace Aldera\Complaints;

abstract class Desk
{
    private ?Desk $behind = null;

    public function sendsTo(Desk $desk): Desk
    {
        $this->behind = $desk;

        return $desk;
    }

    final public function hear(string $complaint): string
    {
        $answer = $this->answer($complaint);
        if ($answer !== null) {
            return $answer;
        }

        return $this->behind?->hear($complaint) ?? 'nobody can tell';
    }

    abstract protected function answer(string $complaint): ?string;
}
