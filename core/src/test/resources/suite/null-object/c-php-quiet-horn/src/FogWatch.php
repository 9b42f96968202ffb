<?php
declare(strict_types=1);

namespace Aldera\Fog;

final class FogWatch
{
    private Horn $horn;

    public function __construct(?Horn $horn = null)
    {
        $this->horn = $horn ?? new SilentHorn();
    }

    public function sighted(int $metres): void
    {
        if ($metres < 400) {
            $this->horn->blast(3);
        }
    }

    public function report(): string
    {
        return sprintf('%d blasts', $this->horn->count());
    }
}
